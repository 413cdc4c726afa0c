import { judge } from '../../judged';
import type { Text, Told } from '../../told';
import type { ReportReadings } from '../reportReadingsShape';
import type { FindingTold } from '../rowsTold';
import type { WalkTold } from '../walkTold';
import { say } from '../words';
import { aboutFact } from './judged';

/** Why the car is not to be driven as it stands, each with its place; empty when nothing that was found says so. */
export function reasonsNotToDrive(told: WalkTold, findings: readonly FindingTold[]): Text[] {
  const about = judge(told.facts).flatMap(({ weight, about }) => (weight === 'stop' ? [about] : []));
  const reasons = new Map(about.map((each) => [JSON.stringify(each), aboutFact(each, told, findings)]));
  return [...reasons.values()];
}

/** What must be heeded, each once: first of this car, then of every report. */
export function cautionsOf(
  findings: readonly FindingTold[],
  { tyres, functions, kit, wheels }: Told<ReportReadings>,
): (Text | string)[] {
  const ofThisCar = [
    ...findings.flatMap((finding) => finding.caution ?? []),
    ...(tyres?.rows.some(({ mayBeDriven }) => !mayBeDriven) ? [say('caution.tyre')] : []),
    ...(functions?.faulty.flatMap(({ caution }) => caution ?? []) ?? []),
    ...(functions?.lampsOn?.flatMap(({ caution }) => caution ?? []) ?? []),
    ...(kit?.cautions ?? []),
    ...(wheels?.rows.some(({ brake }) => brake !== '') ? [say('caution.brake')] : []),
    say('caution.record'),
  ];
  return [...new Map(ofThisCar.map((each) => [JSON.stringify(each), each])).values()];
}
