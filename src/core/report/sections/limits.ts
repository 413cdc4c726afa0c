import { faceName } from '../../car';
import { leftOf } from '../../readings';
import { conditionLine, mayHaveHidden } from '../../walk';
import { sentence } from '../../wording';
import type { ReportDocument } from '../reportDocument';
import type { ReportReadings } from '../reportReadingsShape';
import type { WalkTold } from '../walkTold';
import { outOfScope } from '../wording';

type Limits = Pick<
  ReportDocument,
  'conditions' | 'mayHide' | 'notLookedAt' | 'notSeen' | 'readingsMissing' | 'outOfScope'
>;

/** What the walk could not tell: what the light may have hidden, what was left out, what is never part of it. */
export function limitsOf(
  { inputs, state, vocabulary, left, nameOf }: WalkTold,
  readings: ReportReadings,
): Limits {
  const placeOf = (part: string | undefined) => (part === undefined ? '' : nameOf(part));
  return {
    conditions: conditionLines({ inputs, state }),
    mayHide: mayHaveHidden(state.conditionsMet, inputs.car.paintTone, vocabulary),
    notLookedAt: leftOf(left, 'part').map(({ part }) => sentence(placeOf(part))),
    notSeen: leftOf(left, 'not-seen').map(({ part, says: why = '' }) => ({
      name: sentence(placeOf(part)),
      why,
    })),
    readingsMissing: [
      ...leftOf(left, 'tread').map(({ part }) => `Tread depth, ${placeOf(part)}`),
      ...leftOf(left, 'tyre-make').map(
        ({ part }) => `${unnamedOf(state.tyres.get(part ?? ''))}, ${placeOf(part)}`,
      ),
      ...leftOf(left, 'tyre-age').map(({ part }) => `Week of make, ${placeOf(part)}`),
      ...(left.cover.isPaintRead
        ? leftOf(left, 'paint').map(({ part }) => `Paint depth, ${placeOf(part)}`)
        : ['Paint depth of any panel']),
      ...leftOf(left, 'odometer').map(() => 'Odometer'),
    ],
    outOfScope: outOfScope({
      functions: readings.functions !== undefined,
      papers: readings.papers !== undefined,
    }),
  };
}

/** What of a tyre's name nobody read. */
const unnamedOf = ({ brand, size }: { brand?: string; size?: string } = {}): string =>
  brand ? 'Size' : size ? 'Brand' : 'Brand and size';

/** Under which conditions the car was looked at: the whole of it, then sides where it differed. */
function conditionLines({ inputs, state: { conditions } }: Pick<WalkTold, 'inputs' | 'state'>): string[] {
  const sides = [...conditions.sides].map(
    ([side, noted]) => `${sentence(faceName(side, inputs.car))}: ${conditionLine(noted)}`,
  );
  return conditions.whole ? [sentence(conditionLine(conditions.whole)), ...sides] : sides;
}
