import { v7 as newEntryId, v4 as newId } from 'uuid';
import { type BodyStyleId, type PartId, styleOf } from '#core/car';
import type { Person } from '#core/exchange';
import { planRoute, usualRoute } from '#core/route';
import type { Conditions, Entry, Fact } from '#core/walk';
import type { Truth } from '../picture-maker/truth';
import type { DemoCar } from './cars';
import { measuredOn } from './measuredOn';
import { platesOn } from './platesOn';
import { readingFacts } from './readings';
import { odometerName, photosOf, type Script, treadName, wholeName } from './script';
import { askedOfDemo, spotFacts } from './spots';

const SECONDS_A_FACT = 4;

/** Turns a script into the entries a phone would have made, `hoursAgo` before now. `hashOf` names the pictures. */
export function playScript(
  script: Script,
  car: DemoCar,
  who: Person,
  now: Date,
  hashOf: (file: string) => string,
  truthOf: (file: string) => Truth,
): { walk: string; entries: Entry[] } {
  const walk = newId();
  const entries: Entry[] = [];
  let at = now.getTime() - script.hoursAgo * 3_600_000;
  const say = (fact: Fact) => {
    at += SECONDS_A_FACT * 1000;
    entries.push({
      ...fact,
      id: newEntryId({ msecs: at }),
      walk,
      who: who.id,
      at: new Date(at).toISOString(),
    } as Entry);
  };
  const { bodyStyle, extras } = car.details;
  say({ kind: 'walk-begun', body: { carId: car.id, bodyStyle, extras } });
  const asked = script.asksSpots ? askedOfDemo(car, now.getFullYear()) : [];
  if (asked.length > 0) say({ kind: 'weak-spots-listed', body: { spots: asked } });
  say({ kind: 'conditions-noted', body: { ...conditionsOf[script.sky], place: 'at the yard' } });
  script.whole.forEach((_, i) => {
    const file = wholeName(script, i);
    const photo = hashOf(file);
    say({ kind: 'photo-attached', body: { photo, role: 'whole-car' } });
    say({ kind: 'photo-hidden', body: { photo, boxes: platesOn(truthOf(file), bodyStyle) } });
  });
  const style = styleOf(car.details);
  const swept: PartId[] = [];
  for (const { part, face } of planRoute(style, usualRoute).slice(0, script.stops)) {
    // What could not be seen could not be read either.
    const read = script.readings && !script.notSeen[part] ? readingFacts(script.readings, part, style) : [];
    if (script.gaugeOnly && read.length === 0) continue;
    say({ kind: 'stop-reached', body: { part } });
    const isSwept = script.swept !== undefined && face === script.swept.face && isClear(script, part);
    if (isSwept) swept.push(part);
    if (!script.gaugeOnly) stopFacts(script, part, hashOf, truthOf, bodyStyle, isSwept).forEach(say);
    read.forEach(say);
  }
  if (script.swept && swept.length > 0)
    say({
      kind: 'sweep-made',
      body: {
        over: { of: 'side', face: script.swept.face },
        parts: swept,
        absent: [...script.swept.absent],
      },
    });
  script.readings?.atTheEnd?.forEach(say);
  script.said?.forEach(say);
  if (script.asksSpots === 'answered') spotFacts(asked, script).forEach(say);
  return {
    walk,
    entries: script.promisedFor === undefined ? entries : entries.map(dated(now, script.promisedFor)),
  };
}

/** Promises of findings without a day are for so many days from now; less than 0 is late. */
const dated =
  (now: Date, days: number) =>
  (entry: Entry): Entry => {
    if (entry.kind !== 'finding-amended') return entry;
    const { decision } = entry.body.changes;
    if (decision?.is !== 'promised' || decision.by) return entry;
    const by = new Date(now.getTime() + days * 86_400_000).toISOString().slice(0, 10);
    return {
      ...entry,
      body: { ...entry.body, changes: { ...entry.body.changes, decision: { ...decision, by } } },
    };
  };

const isClear = (script: Script, part: PartId): boolean =>
  !script.findings[part] && !script.notSeen[part] && part !== 'odometer';

/** What the person walking would note of the sky in the pictures. */
const conditionsOf: Record<Script['sky'], Conditions> = {
  overcast: { light: 'overcast', wet: 'dry', dirt: 'clean' },
  bright: { light: 'bright-sun', wet: 'dry', dirt: 'washed' },
  'low-sun': { light: 'low-sun', wet: 'dry', dirt: 'clean' },
  dusk: { light: 'dusk', wet: 'dry', dirt: 'dusty' },
  wet: { light: 'overcast', wet: 'wet', dirt: 'clean' },
};

function stopFacts(
  script: Script,
  part: string,
  hashOf: (file: string) => string,
  truthOf: (file: string) => Truth,
  style: BodyStyleId,
  isSwept: boolean,
): Fact[] {
  const facts: Fact[] = [];
  const tread = script.treads[part];
  if (tread)
    facts.push({
      kind: 'tread-read',
      body: { part, depth: { lowMm: tread[0], highMm: tread[1] }, unit: 'mm' },
    });
  if (script.treadPictures?.includes(part))
    facts.push({
      kind: 'photo-attached',
      body: { photo: hashOf(treadName(script, part)), role: 'what', part },
    });
  if (part === 'odometer' && script.odometer) {
    const { value, unit, isPictured } = script.odometer;
    facts.push({ kind: 'odometer-read', body: { value, unit } });
    if (isPictured)
      facts.push({
        kind: 'photo-attached',
        body: { photo: hashOf(odometerName(script)), role: 'what', part },
      });
  }
  script.findings[part]?.forEach(({ kind, spot, suspected = false, dismissed, details, shots }, i) => {
    const finding = newId();
    facts.push({ kind: 'finding-noted', body: { finding, part, spot, kind, suspected, details: {} } });
    if (Object.keys(details).length > 0)
      facts.push({ kind: 'finding-amended', body: { finding, changes: details } });
    for (const { file, role } of photosOf(script, part, i)) {
      facts.push({ kind: 'photo-attached', body: { photo: hashOf(file), role, part, finding } });
      const truth = truthOf(file);
      const { spot: seen, width, height } = truth;
      const boxes = role === 'where' ? platesOn(truth, style) : [];
      if (boxes.length > 0) facts.push({ kind: 'photo-hidden', body: { photo: hashOf(file), boxes } });
      if (role === 'where' && seen)
        facts.push({
          kind: 'spot-on-photo',
          body: { photo: hashOf(file), finding, at: { x: seen.pixel[0] / width, y: seen.pixel[1] / height } },
        });
    }
    const close = photosOf(script, part, i).find(({ role }) => role === 'what');
    const { isMeasured, mark } = shots ?? {};
    if (close && isMeasured && mark?.kind === 'scratch')
      facts.push(...measuredOn(truthOf(close.file), hashOf(close.file), finding, mark));
    if (dismissed) facts.push({ kind: 'finding-dismissed', body: { finding, why: dismissed } });
  });
  const why = script.notSeen[part];
  if (why) facts.push({ kind: 'part-not-seen', body: { part, why } });
  else if (isClear(script, part) && !isSwept) {
    const absent = script.looked?.[part];
    facts.push({ kind: 'part-cleared', body: { part, ...(absent && { absent: [...absent] }) } });
  }
  return facts;
}
