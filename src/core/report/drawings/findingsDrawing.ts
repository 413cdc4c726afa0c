import { insideFaces, type Speech, styleOf } from '../../car';
import type { ReportFinding } from '../reportDocument';
import { isNoticeUnsaid } from '../wording';
import { carDrawing } from './carDrawing';
import { colours, type Drawing, type Place, type Shape } from './drawing';

const STRIP = 9;
const TAB = 5;
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
}: {
  car: Speech & Parameters<typeof styleOf>[0];
  findings: readonly DrawnFinding[];
  says?: string;
}): Drawing {
  const style = styleOf(car);
  const faceOf = ({ part }: DrawnFinding) => style.parts.get(part)?.face;
  return carDrawing({
    says,
    style,
    speech: car,
    inside: insideFaces.filter((face) => findings.some((finding) => faceOf(finding) === face)),
    partLook: () => ({ fill: colours.sheet, stroke: colours.soft }),
    over: (parts, at) =>
      parts.flatMap(({ id, box }) =>
        findings
          .filter(({ part }) => part === id)
          .flatMap((finding) =>
            strip(finding, at([box.x + finding.spot.u * box.width, box.y + finding.spot.v * box.height])),
          ),
      ),
  });
}

function strip(finding: DrawnFinding, [x, y]: Place): Shape[] {
  const { number, notice, suspected, caution } = finding;
  const half = (notice ? lengths[notice] : lengths['up-close']) / 2;
  const isGuess = isNoticeUnsaid(finding);
  const [top, foot] = [y - STRIP / 2, y + STRIP / 2];
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
              [x - half + TAB, top],
              [x - half + TAB, foot],
              [x - half, foot],
            ] as Place[],
            fill: colours.tape,
          },
        ]
      : []),
    // What has a caution beside it in the list has a mark here too.
    { is: 'label', at: [x, y], text: `${number}${caution ? ' !' : ''}`, size: 7 },
  ];
}
