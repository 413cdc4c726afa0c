import { v7 as newEntryId, v4 as newId } from 'uuid';
import type { ReportDocument } from '#core/report';
import type { Entry, Fact } from '#core/walk';

interface Asked {
  by: number;
  text: string;
  /** Part, and the finding on it that is meant, counted there. */
  part?: string;
  wantsLook?: true;
  answer?: string;
}

/** Two buyers of the flagship and who drives it there, each with a link of their own. */
export const buyers = [
  { label: 'Buyer in the harbour town', to: 'ida.brenn@sandholm.example', note: 'As promised on the phone.' },
  { label: 'Buyer beyond the border', to: 'stock@overland.example', note: '' },
  { label: 'Driver', to: '+44 1632 960 177', note: '' },
] as const;

/** What they asked; two wait for a second look. */
export const asked: readonly Asked[] = [
  {
    by: 0,
    part: 'door-fl',
    text: 'Is the paint broken in the dent on this door?',
    answer: 'No: felt with the nail, the paint is whole. It is to be pressed out before collection.',
  },
  { by: 0, part: 'windscreen', text: 'Is the chip in front of the driver?', wantsLook: true },
  {
    by: 1,
    part: 'tyre-fr',
    text: 'Which edge of this tyre is worn?',
    answer: 'The inner one. The tracking is set when the tyre is changed.',
  },
  { by: 1, part: 'arch-rl', text: 'Does the rust go through to the inner lip?', wantsLook: true },
  { by: 1, text: 'Can it be put on a transporter on a Saturday?', answer: 'Yes, until noon.' },
];

const MINUTE_MS = 60_000;

/** Questions as the links send them: ids made here, so that answers can name them. */
export const questionsOf = (report: ReportDocument) =>
  asked.map(({ by, text, part, wantsLook = false, answer }) => ({
    by,
    answer,
    body: {
      id: newId(),
      text,
      wantsLook,
      about: aboutOf(report, part),
    },
  }));

/** The first finding on a part, or the part itself where none is. */
function aboutOf(report: ReportDocument, part: string | undefined) {
  if (!part) return {};
  const finding = report.findings.find((each) => each.part === part);
  return finding?.id ? { finding: finding.id } : { part };
}

/** What the yard said and logged after the first revision: the answers, and what a second look changed. */
export function afterwards(
  walk: string,
  who: string,
  report: ReportDocument,
  questions: ReturnType<typeof questionsOf>,
  now: Date,
  afterPhoto: string,
): Entry[] {
  const dented = report.findings.find(({ part, kind }) => part === 'quarter-rl' && kind === 'dent');
  const [scuffed] = report.findings.filter(({ part }) => part === 'bumper-rear');
  const facts: Fact[] = [
    ...questions.flatMap(({ body, answer }): Fact[] =>
      answer ? [{ kind: 'question-answered', body: { question: body.id, says: answer } }] : [],
    ),
    ...(scuffed?.id
      ? [
          {
            kind: 'finding-amended',
            body: { finding: scuffed.id, changes: { note: 'Washed and looked at again: no crack beneath.' } },
          } satisfies Fact,
        ]
      : []),
    ...(dented?.id
      ? ([
          { kind: 'put-right', body: { finding: dented.id, says: 'Dent pressed out, paint whole' } },
          {
            kind: 'photo-attached',
            body: { photo: afterPhoto, role: 'after', part: 'quarter-rl', finding: dented.id },
          },
        ] satisfies Fact[])
      : []),
    { kind: 'item-counted', body: { item: 'jack', count: 1, condition: 'good' } },
  ];
  return facts.map((fact, i) => {
    const at = now.getTime() - (facts.length - i) * MINUTE_MS;
    return { ...fact, id: newEntryId({ msecs: at }), walk, who, at: new Date(at).toISOString() } as Entry;
  });
}
