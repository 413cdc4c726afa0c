import type { BodyStyle, PartId } from '../car';
import { firstRoute, type Stop } from './route';
import { isDismissed, type WalkState } from './walkState';

export type PartStatus = 'not-looked-at' | 'clear' | 'findings' | 'not-seen' | 'second-look';

/** What the map shows of a part at a glance. A dismissed suspicion is not a finding; it leaves its part looked at. */
export function partStatus(state: WalkState, part: PartId): PartStatus {
  const here = state.findings.filter((finding) => finding.part === part);
  if (here.some((finding) => finding.standing.status === 'suspected')) return 'second-look';
  if (here.some((finding) => finding.standing.status === 'confirmed')) return 'findings';
  const look = state.looks.get(part);
  if (look) return look.status;
  if (here.some(isDismissed) || state.treads.has(part)) return 'clear';
  if (part === 'odometer' && state.odometer) return 'clear';
  return 'not-looked-at';
}

export interface Coverage {
  total: number;
  /** Looked at, or a reason was given why not. */
  visited: number;
  /** Really looked at. */
  looked: number;
  /** Stops not looked at yet, in walking order. */
  left: Stop[];
  notSeen: { part: PartId; why: string }[];
  /** Tyres without a tread depth, in walking order. */
  treadsLeft: PartId[];
  odometerLeft: boolean;
  unresolved: PartId[];
}

/** What has and has not been looked at, and which readings are missing. */
export function coverage(state: WalkState, style: BodyStyle): Coverage {
  const route = firstRoute(style);
  const statuses = new Map(route.map((stop) => [stop.part, partStatus(state, stop.part)]));
  const left = route.filter((stop) => statuses.get(stop.part) === 'not-looked-at');
  const notSeen = route.flatMap(({ part }) => {
    const look = state.looks.get(part);
    return look?.status === 'not-seen' ? [{ part, why: look.why }] : [];
  });
  const hidden = [...statuses.values()].filter((status) => status === 'not-seen').length;
  return {
    total: route.length,
    visited: route.length - left.length,
    looked: route.length - left.length - hidden,
    left,
    notSeen,
    treadsLeft: route
      .map((stop) => stop.part)
      .filter((part) => part.startsWith('tyre-') && !state.treads.has(part)),
    odometerLeft: state.odometer === undefined,
    unresolved: route.map((stop) => stop.part).filter((part) => statuses.get(part) === 'second-look'),
  };
}

/** The next stop after `from` that has not been looked at, going round; undefined when nothing is left. */
export function nextLeft(state: WalkState, style: BodyStyle, from: PartId | undefined): Stop | undefined {
  const route = firstRoute(style);
  const start = route.findIndex((stop) => stop.part === from) + 1;
  const onward = [...route.slice(start), ...route.slice(0, start)];
  return onward.find((stop) => stop.part !== from && partStatus(state, stop.part) === 'not-looked-at');
}
