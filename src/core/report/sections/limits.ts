import { leftOf } from '../../readings';
import { own, starting, type Text, type Told } from '../../told';
import { conditionsTold, mayHaveHidden } from '../../walk';
import type { ReportDocument } from '../reportDocument';
import type { ReportReadings } from '../reportReadingsShape';
import type { WalkTold } from '../walkTold';
import { say } from '../words';

type Limits = Pick<
  ReportDocument,
  'conditions' | 'mayHide' | 'notLookedAt' | 'notSeen' | 'readingsMissing' | 'outOfScope'
>;

/** What the walk could not tell: what the light may have hidden, what was left out, what is never part of it. */
export function limitsOf(told: WalkTold, readings: Told<ReportReadings>): Told<Limits> {
  const { inputs, state, left, nameOf } = told;
  const placeOf = (part: string | undefined) => (part === undefined ? own('') : nameOf(part));
  const partsLeft = (code: 'tread' | 'tyre-make' | 'tyre-age' | 'paint') =>
    leftOf(left, code).map(({ part }) => ({ part: placeOf(part), id: part ?? '' }));
  return {
    conditions: conditionLines(told),
    mayHide: mayHaveHidden(state.conditionsMet, inputs.car.paintTone).map((id) => say(`hides.${id}`)),
    notLookedAt: leftOf(left, 'part').map(({ part }) => starting(placeOf(part))),
    notSeen: leftOf(left, 'not-seen').map(({ part, says: why = '' }) => ({
      name: starting(placeOf(part)),
      why,
    })),
    readingsMissing: [
      ...partsLeft('tread').map(({ part }) => say('missing.tread', { part })),
      ...partsLeft('tyre-make').map(({ part, id }) => say(unnamedOf(state.tyres.get(id)), { part })),
      ...partsLeft('tyre-age').map(({ part }) => say('missing.age', { part })),
      ...(left.cover.isPaintRead
        ? partsLeft('paint').map(({ part }) => say('missing.paint', { part }))
        : [say('missing.anyPaint')]),
      ...leftOf(left, 'odometer').map(() => say('missing.odometer')),
    ].map(starting),
    outOfScope: outOfScope(readings.functions !== undefined, readings.papers !== undefined),
  };
}

/** What of a tyre's name nobody read. */
const unnamedOf = ({ brand, size }: { brand?: string; size?: string } = {}) =>
  brand ? 'missing.size' : size ? 'missing.brand' : 'missing.brandAndSize';

/** What this walk does not cover, so that silence is not read as praise. */
const outOfScope = (hasFunctions: boolean, hasPapers: boolean): Text =>
  hasFunctions
    ? say(hasPapers ? 'scope.all' : 'scope.noPapers')
    : say(hasPapers ? 'scope.noFunctions' : 'scope.neither');

/** Under which conditions the car was looked at: the whole of it, then sides where it differed. */
function conditionLines({ sideOf, state: { conditions } }: WalkTold): Text[] {
  const sides = [...conditions.sides].map(([side, noted]) =>
    starting(say('where.says', { where: sideOf(side), says: conditionsTold(noted) })),
  );
  return conditions.whole ? [starting(conditionsTold(conditions.whole)), ...sides] : sides;
}
