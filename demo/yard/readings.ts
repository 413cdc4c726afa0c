import type { BodyStyle, PartId } from '#core/car';
import type { TyreFlag } from '#core/tyres';
import { type Fact, isGauged, type TreadThird, treadThirds } from '#core/walk';
import type { BrakeMark, WheelFinish } from '#core/wheels';
import { range, seeded } from '../picture-maker/random';

/** What a gauge and a look through the spokes tell of a car of the yard. */
export interface ScriptedReadings {
  /** Works paint, and how many times thicker panels are that were painted again. */
  paint?: { levelUm: number; times: Readonly<Record<PartId, number>>; seed: number };
  tyres?: Readonly<
    Record<
      PartId,
      {
        brand: string;
        size: string;
        made: { week: number; year: number };
        /** Millimetres, away from the car first. */
        thirds?: readonly [outer: number, centre: number, inner: number];
        fittedAt?: number;
        flags?: readonly TyreFlag[];
      }
    >
  >;
  /** What is tried once the car was looked at, and what the papers say. */
  atTheEnd?: readonly Fact[];
  wheels?: { finish: WheelFinish; rimIn: number; lip: BrakeMark; padMm: number };
}

const READINGS_A_PANEL = 5;

/** The facts a stop's readings make. */
export function readingFacts(readings: ScriptedReadings, part: PartId, style: BodyStyle): Fact[] {
  const at = style.parts.get(part);
  if (!at) return [];
  const facts: Fact[] = [];
  const tyre = readings.tyres?.[part];
  if (tyre) {
    const { thirds, flags, ...described } = tyre;
    facts.push({
      kind: 'tyre-described',
      body: { part, ...described, ...(flags && { flags: [...flags] }) },
    });
    thirds?.forEach((mm, i) => {
      facts.push({
        kind: 'tread-read',
        body: {
          part,
          depth: { lowMm: mm, highMm: mm },
          unit: 'mm',
          third: treadThirds[i] as TreadThird,
          source: 'gauge',
        },
      });
    });
  }
  if (at.kind === 'wheel' && readings.wheels)
    facts.push({ kind: 'wheel-described', body: { part, ...readings.wheels } });
  if (readings.paint && isGauged(at)) facts.push(paintFact(readings.paint, part));
  return facts;
}

function paintFact({ levelUm, times, seed }: NonNullable<ScriptedReadings['paint']>, part: PartId): Fact {
  const random = seeded([...part].reduce((sum, letter) => sum * 31 + letter.charCodeAt(0), seed) % 2 ** 31);
  const panel = levelUm * range(random, 0.96, 1.05) * (times[part] ?? 1);
  const um = Array.from({ length: READINGS_A_PANEL }, () => Math.round(panel * range(random, 0.93, 1.08)));
  return { kind: 'paint-read', body: { part, um, source: 'gauge' } };
}
