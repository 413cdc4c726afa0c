import { type Car, carTitle } from '../../car';
import { distanceBothWaysTold } from '../../measure';
import { starting, type Told } from '../../told';
import { tellIdentity } from '../identityTelling';
import { REPORT_VERSION, type ReportDocument } from '../reportDocument';
import type { ReportInputs } from '../reportInputs';
import type { WalkTold } from '../walkTold';
import { say } from '../words';

type Head = Pick<
  ReportDocument,
  | 'format'
  | 'version'
  | 'id'
  | 'revision'
  | 'frozenAt'
  | 'position'
  | 'walk'
  | 'walkedFrom'
  | 'walkedTo'
  | 'signedBy'
  | 'yard'
  | 'title'
  | 'car'
  | 'identity'
  | 'bodyStyleName'
  | 'odometer'
  | 'odometerRead'
>;

/** Which report of which car this is: how and when it was walked, and by whom. */
export function headOf({ inputs, state }: WalkTold): Told<Head> {
  const { begun, odometer, lastEntryAt } = state;
  return {
    format: 'zelk-report',
    version: REPORT_VERSION,
    id: inputs.id,
    revision: inputs.revision,
    frozenAt: inputs.frozenAt,
    position: inputs.entries.length,
    walk: inputs.walk,
    walkedFrom: begun.at,
    walkedTo: lastEntryAt ?? begun.at,
    signedBy: inputs.signedBy,
    yard: inputs.yard,
    title: carTitle(inputs.car),
    car: carOnly(inputs),
    ...(inputs.identity && { identity: inputs.identity }),
    bodyStyleName: starting(say(`body.${begun.bodyStyle}`)),
    odometer: odometer && distanceBothWaysTold(odometer.value, odometer.unit),
    ...(odometer && { odometerRead: { value: odometer.value, unit: odometer.unit } }),
  };
}

/** A stored car has more fields than a report tells of it. */
function carOnly({ car, identity = 'full' }: ReportInputs): ReportDocument['car'] {
  const {
    id: _id,
    createdAt: _created,
    updatedAt: _updated,
    identityAsRead: _read,
    standsAt: _stands,
    arrivedOn: _arrived,
    tint: _tint,
    ...details
  } = car as Car;
  return {
    ...details,
    plate: tellIdentity(details.plate, identity),
    identityNumber: tellIdentity(details.identityNumber, identity),
  };
}
