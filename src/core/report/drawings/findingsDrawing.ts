import { faceIds, insideFaces, type Speech, styleOf } from '../../car';
import type { ReportFinding } from '../reportDocument';
import { isNoticeUnsaid } from '../wording';
import { carDrawing } from './carDrawing';
import { colours, type Drawing, type Place, type Shape } from './drawing';

const STRIP = 9;
const TAB = 5;
/** So many faces at most are drawn large, and their strips so much larger. */
const [MOST_NEAR, NEARER] = [3, 1.8] as const;
/** A strip of tape is longer the farther off the finding is noticed. */
const lengths = { 'up-close': 13, 'one-step-back': 21, 'across-the-bay': 32 } as const;

/** What is drawn of a finding. */
export type DrawnFinding = Pick<
  ReportFinding,
  'number' | 'part' | 'spot' | 'notice' | 'noticeSource' | 'suspected' | 'caution'
>;

/** Where the findings are: every strip of tape at its spot, on the outside and in the places where something was found. */
export function findingsDrawing({
  car,
  findings,
  says = 'Where the findings are, by their numbers; each is told below.',
  isNear = false,
}: {
  car: Speech & Parameters<typeof styleOf>[0];
  findings: readonly DrawnFinding[];
  says?: string;
  /** Only the faces with findings, large: for whoever looks for a few of them with a phone in hand. */
  isNear?: boolean;
}): Drawing {
  const style = styleOf(car);
  const faceOf = ({ part }: DrawnFinding) => style.parts.get(part)?.face;
  const here = faceIds.filter((face) => findings.some((finding) => faceOf(finding) === face));
  const isLarge = isNear && here.length > 0 && here.length <= MOST_NEAR;
  const size = isLarge ? NEARER : 1;
  return carDrawing({
    says,
    style,
    speech: car,
    inside: insideFaces.filter((face) => here.includes(face)),
    ...(isLarge && { only: here }),
    partLook: () => ({ fill: colours.sheet, stroke: colours.soft }),
    over: (parts, at) =>
      parts.flatMap(({ id, box }) =>
        findings
          .filter(({ part }) => part === id)
          .flatMap((finding) =>
            strip(
              finding,
              at([box.x + finding.spot.u * box.width, box.y + finding.spot.v * box.height]),
              size,
            ),
          ),
      ),
  });
}

function strip(finding: DrawnFinding, [x, y]: Place, size: number): Shape[] {
  const { number, notice, suspected, caution } = finding;
  const half = (size * (notice ? lengths[notice] : lengths['up-close'])) / 2;
  const tab = size * TAB;
  const isGuess = isNoticeUnsaid(finding);
  const [top, foot] = [y - (size * STRIP) / 2, y + (size * STRIP) / 2];
  return [
    {
      is: 'polygon',
      points: [
        [x - half, top],
        [x + half, top],
        [x + half - 1.5, y],
        [x + half, foot],
        [x - half, foot],
      ],
      fill: suspected || isGuess ? colours.sheet : colours.tape,
      stroke: colours.ink,
      line: 0.5,
      ...((suspected || isGuess) && { isDashed: true as const }),
    },
    // A length that nobody walked is drawn open; only its tab is tape.
    ...(isGuess && !suspected
      ? [
          {
            is: 'polygon' as const,
            points: [
              [x - half, top],
              [x - half + tab, top],
              [x - half + tab, foot],
              [x - half, foot],
            ] as Place[],
            fill: colours.tape,
          },
        ]
      : []),
    // What has a caution beside it in the list has a mark here too.
    { is: 'label', at: [x, y], text: `${number}${caution ? ' !' : ''}`, size: 7 * size },
  ];
}
