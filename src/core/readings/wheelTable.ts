import type { BodyStyle, PartId } from '../car';
import { isNothing, type Text } from '../told';
import { parseTyreSize } from '../tyres';
import { findingKindOf, partStatus, routeOf, type WalkState } from '../walk';
import {
  brakeTold,
  coveredDeg,
  damagedMm,
  type RefinishClass,
  type RimArc,
  refinishClass,
  refinishTold,
  setTold,
  type WheelFinish,
} from '../wheels';

export interface WheelRow {
  part: PartId;
  rimIn?: number;
  finish?: WheelFinish;
  /** Share of the rim that is kerbed, 0..1, overlaps counted once. */
  rimShare: number;
  damagedMm: number;
  /** Some of its kerbing has no length. */
  isUnmeasured: boolean;
  wants: RefinishClass;
  says: Text;
  /** What was seen of the brake behind it; absent when nothing was noted. */
  brake?: Text;
  /** Findings it rests on, by number. */
  findings: readonly number[];
}

export interface WheelTable {
  rows: readonly WheelRow[];
  /** Whether they are priced as one set, in a sentence; absent when they are not. */
  setSays?: Text;
}

/** What each wheel shows and wants, in walking order; only wheels of which something was noted. */
export function wheelTable(state: WalkState, style: BodyStyle): WheelTable {
  const all = routeOf(state, style).flatMap(({ part: id }) => {
    const part = style.parts.get(id);
    return part?.kind === 'wheel' ? [rowOf(state, id, part.box.width)] : [];
  });
  const setSays = setTold(all.map(({ wants }) => wants));
  return {
    rows: all.filter((row) => row.wants !== 'none' || row.brake || row.finish || row.rimIn),
    ...(setSays && { setSays }),
  };
}

/** Of what nobody looked at nothing is said to be fine. */
const unseen: ReadonlySet<string> = new Set(['not-looked-at', 'not-seen']);

function rowOf(state: WalkState, part: PartId, drawnRimMm: number): WheelRow {
  const described = state.wheels.get(part) ?? {};
  const here = state.findings.filter(
    (finding) => finding.part === part && finding.standing.status === 'confirmed',
  );
  // The size on the tyre tells the rim where nobody noted it; the body style's usual rim where neither is known.
  const size = state.tyres.get(part.replace('wheel-', 'tyre-'))?.size;
  const parsed = size ? parseTyreSize(size) : undefined;
  const rimIn = described.rimIn ?? (parsed?.ok ? parsed.size.rimIn : undefined);
  const kerbed = here.filter(({ kind }) => findingKindOf(kind).onWheel === 'kerbed');
  const arcs = kerbed.flatMap(({ details }): RimArc[] =>
    details.extent?.form === 'arc' ? [details.extent] : [],
  );
  const rimMm = rimIn === undefined ? drawnRimMm : rimIn * 25.4;
  // Kerbing without an arc counts by its length.
  const typedMm = kerbed
    .filter(({ details }) => details.extent?.form !== 'arc')
    .reduce((sum, { details }) => sum + (details.lengthMm ?? 0), 0);
  const roundMm = Math.PI * rimMm;
  const lengthMm = Math.min(roundMm, damagedMm(arcs, rimMm / 25.4) + typedMm);
  const rimShare = arcs.length > 0 && typedMm === 0 ? coveredDeg(arcs) / 360 : lengthMm / roundMm;
  const isUnmeasured = kerbed.some(
    ({ details }) => details.extent?.form !== 'arc' && details.lengthMm === undefined,
  );
  const wants = refinishClass(described.finish, {
    rimShare,
    isUnmeasured,
    isDeep: kerbed.some(({ details }) => details.nail === 'catches'),
    isFlaking: here.some(({ kind }) => findingKindOf(kind).onWheel === 'flaking'),
    isBent: here.some(({ kind }) => findingKindOf(kind).onWheel === 'bent'),
  });
  const brake = brakeTold(described);
  return {
    part,
    ...(rimIn !== undefined && { rimIn }),
    ...(described.finish && { finish: described.finish }),
    rimShare,
    damagedMm: Math.round(lengthMm),
    isUnmeasured,
    wants,
    says: refinishTold(wants, described.finish, !unseen.has(partStatus(state, part))),
    ...(!isNothing(brake) && { brake }),
    findings: here.map(({ number }) => number),
  };
}
