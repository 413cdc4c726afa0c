import { v4 as newId } from 'uuid';
import type { ArrivalAnswer, FilledCheck } from '#core/arrival';
import type { ReportDocument } from '#core/report';

/** Pictures of the journey, and of a dent that was pressed out. */
export const journeyPictures = {
  pressedOut: 'series-dent-without',
  scratchedWhere: 'journey-door-where',
  scratchedWhat: 'journey-door-what',
} as const;

const MINUTE_MS = 60_000;

/** Rises and falls like a name written in a hurry. */
const signature = (waves: number, height: number): FilledCheck['signature'] => [
  Array.from({ length: 48 }, (_, i): [number, number] => {
    const u = i / 47;
    const v = 0.55 + height * Math.sin(u * Math.PI * 2 * waves) * (1 - 0.6 * u);
    return [Math.round((0.12 + 0.72 * u) * 1000) / 1000, Math.round(v * 1000) / 1000];
  }),
];

function signed(
  report: ReportDocument,
  at: Date,
  different: readonly ArrivalAnswer[],
  who: Pick<FilledCheck, 'occasion' | 'name' | 'role' | 'place' | 'remarks' | 'signature'>,
): FilledCheck {
  const said = new Set(different.map(({ part }) => part));
  // Nobody lies under a car at a kerb.
  const looked = report.parts.filter(({ part, face }) => face !== 'under' && !said.has(part));
  return {
    ...who,
    id: newId(),
    revision: report.revision,
    begunAt: new Date(at.getTime() - 24 * MINUTE_MS).toISOString(),
    signedAt: at.toISOString(),
    answers: [
      ...looked.map(({ part }): ArrivalAnswer => ({ part, verdict: 'as-described', note: '', photos: [] })),
      ...different,
    ],
  };
}

/** What the driver signs at the yard. */
export const collection = (report: ReportDocument, at: Date): FilledCheck => ({
  ...signed(report, at, [{ part: 'roof', verdict: 'could-not-tell', note: 'Wet, just washed', photos: [] }], {
    occasion: 'collection',
    name: 'Osk Marrin',
    role: 'driver',
    place: 'The yard, Port Averil',
    remarks: 'Two keys and the service book taken along.',
    signature: signature(4, 0.3),
  }),
  ...(report.odometerRead && { odometer: report.odometerRead }),
});

/** What the buyer signs in the harbour town: one scratch more, and the way there on the odometer. */
export const arrival = (report: ReportDocument, at: Date, photos: string[]): FilledCheck => ({
  ...signed(
    report,
    at,
    [
      {
        part: 'door-fl',
        verdict: 'different',
        note: 'A scratch under the handle, about a hand long, that is in no photo of the report.',
        photos,
      },
    ],
    {
      occasion: 'arrival',
      name: 'Ida Brenn',
      role: 'buyer',
      place: 'Quay 4, Sandholm',
      remarks: '',
      signature: signature(3, 0.24),
    },
  ),
  ...(report.odometerRead && {
    odometer: { value: report.odometerRead.value + 141, unit: report.odometerRead.unit },
  }),
});
