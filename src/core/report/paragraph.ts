import { inside, listed, type Text, type Told } from '../told';
import type { ReportDocument } from './reportDocument';
import type { FindingTold } from './rowsTold';
import { say } from './words';

/** So many things are named before the rest is only counted. */
const NAMED = 3;

type Telling = Pick<
  Told<ReportDocument>,
  | 'findings'
  | 'tyres'
  | 'paint'
  | 'screen'
  | 'functions'
  | 'odometer'
  | 'bodyStyleName'
  | 'notLookedAt'
  | 'notSeen'
  | 'notToDrive'
> & { year: number; papersAsk: readonly Text[] };

/**
 * The car in one paragraph, from the far view inwards: what it is, what one would notice, what is worn, what does not work, what the papers
 * say, what is promised and what nobody knows. Facts alone: the same facts give the same words, and nothing is praised.
 */
export function paragraphOf(told: Telling): Text {
  const { findings, odometer, year, notToDrive } = told;
  const body = told.bodyStyleName as Text;
  const promised = findings.filter((finding) => finding.promised).length;
  return listed('sentences', [
    odometer
      ? say('paragraph.car', { body, year, odometer: odometer as Text })
      : say('paragraph.noOdometer', { body, year }),
    notToDrive as Text | undefined,
    ...noticed(findings),
    tyres(told),
    ...paint(told),
    told.screen?.rows.some(({ fails }) => fails) ? say('paragraph.screen') : undefined,
    ...functions(told),
    ...papers(told),
    promised > 0
      ? say(promised === findings.length ? 'paragraph.allPromised' : 'paragraph.promised', {
          n: promised,
          of: findings.length,
        })
      : undefined,
    ...unknown(told),
  ]);
}

/** What one sees from where; a distance that nobody walked is no fact, and so many were worked out. */
function noticed(findings: readonly FindingTold[]): (Text | undefined)[] {
  const sure = findings.filter(({ suspected }) => !suspected);
  const from = (distance: FindingTold['notice']) => sure.filter(({ notice }) => notice === distance);
  const [far, step, near] = [from('across-the-bay'), from('one-step-back'), from('up-close').length];
  const unsaid = from(undefined).length;
  const guessed = sure.filter(({ noticeSource }) => noticeSource === 'estimated').length;
  return [
    far.length > 0
      ? say('paragraph.far', { findings: named(far) })
      : say(guessed + unsaid > 0 ? 'paragraph.nothingSaidFar' : 'paragraph.nothingFar'),
    step.length > 0 ? say('paragraph.step', { findings: named(step) }) : undefined,
    near > 0 ? say('paragraph.near', { n: near }) : undefined,
    unsaid > 0 ? say('paragraph.unsaid', { n: unsaid }) : undefined,
    guessed === 0
      ? undefined
      : guessed < sure.length
        ? say('summary.estimated', { n: guessed })
        : say(guessed === 1 ? 'paragraph.oneGuessed' : 'summary.allEstimated'),
  ];
}

/** "dent, 46 mm across, nearside front door (left); …; and 2 more". */
function named(findings: readonly FindingTold[]): Text {
  const more = findings.length - NAMED;
  return listed('semicolon', [
    ...findings
      .slice(0, NAMED)
      .map(({ line, partName }) =>
        say('what.where', { what: inside(line as Text), where: partName as Text }),
      ),
    more > 0 ? say('paragraph.more', { n: more }) : undefined,
  ]);
}

function tyres({ tyres: told }: Telling): Text | undefined {
  const due = (wanted: string) => told?.rows.filter(({ when }) => when === wanted).length ?? 0;
  const [now, soon] = [due('now'), due('soon')];
  if (now + soon === 0) return undefined;
  return say('paragraph.tyres', {
    due: listed('comma', [
      now > 0 ? say('paragraph.tyresNow', { n: now }) : undefined,
      soon > 0 ? say('paragraph.tyresSoon', { n: soon }) : undefined,
    ]),
  });
}

function paint({ paint: told }: Telling): (Text | undefined)[] {
  const of = (...wanted: string[]) => told?.rows.filter((row) => wanted.includes(row.class)).length ?? 0;
  const [thicker, far, thin] = [of('thicker', 'local-repair'), of('far-thicker'), of('thin')];
  return [
    thicker > 0 ? say('paragraph.thicker', { n: thicker }) : undefined,
    far > 0 ? say('paragraph.farThicker', { n: far }) : undefined,
    thin > 0 ? say('paragraph.thin', { n: thin }) : undefined,
  ];
}

function functions({ functions: told }: Telling): (Text | undefined)[] {
  if (!told) return [say('paragraph.notTried')];
  const { faulty, lampsOn = [] } = told;
  const within = (rows: readonly { name: Text | string }[]) =>
    listed(
      'comma',
      rows.map(({ name }) => inside(name as Text)),
    );
  const names = within(faulty.slice(0, NAMED));
  const more = faulty.length - NAMED;
  return [
    faulty.length === 0
      ? say('paragraph.allWorks')
      : more > 0
        ? say('paragraph.faultyMore', { names, n: more })
        : say('paragraph.faulty', { names }),
    lampsOn.length > 0 ? say('paragraph.lamps', { lamps: within(lampsOn) }) : undefined,
  ];
}

/** What does not agree in the papers is said outright, however long the list of chips. */
function papers({ papersAsk }: Telling): (Text | undefined)[] {
  const more = papersAsk.length - NAMED;
  return [
    ...papersAsk.slice(0, NAMED).map((says) => say('summary.papers', { says: inside(says) })),
    more > 0 ? say('paragraph.morePapers', { n: more }) : undefined,
  ];
}

function unknown({ notLookedAt, notSeen, findings }: Telling): (Text | undefined)[] {
  const unsure = findings.filter(({ suspected }) => suspected).length;
  const parts = notLookedAt.length + notSeen.length;
  return [
    unsure > 0 ? say('paragraph.open', { n: unsure }) : undefined,
    parts > 0 ? say('paragraph.parts', { n: parts }) : undefined,
  ];
}
