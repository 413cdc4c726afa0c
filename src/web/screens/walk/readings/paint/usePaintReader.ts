import { useCallback, useEffect, useRef, useState } from 'react';
import type { PartId } from '#core/car';
import { FEWEST_READINGS } from '#core/paint';
import type { PaintSource, Spot, WalkState } from '#core/walk';
import type { OpenWalk } from '../../../../sync/useWalk';

/** Readings that come faster are gathered for so long into one entry: a thumb cannot see less. */
const GATHER_MS = 300;
const MOST_AT_ONCE = 60;

const countsOf = ({ paint }: WalkState) =>
  new Map([...paint].map(([part, reads]) => [part, reads.reduce((sum, { um }) => sum + um.length, 0)]));

export interface PaintReader {
  /** The part the gauge is held to. */
  hand: PartId;
  /** Readings after which it steps on by itself. */
  after: number | undefined;
  setAfter: (count: number | undefined) => void;
  moveTo: (part: PartId) => void;
  /** Where on the part in hand the probe is; readings carry it until another is told. */
  spot: Spot | undefined;
  setSpot: (spot: Spot) => void;
  /** The part in hand at this moment, before the screen has caught up. */
  inHand: () => PartId;
  /** A reading that came in: it belongs to the part in hand at this moment. */
  take: (um: number, source: PaintSource) => void;
  /** Readings typed for the part in hand: they step on like those of a gauge. */
  takeTyped: (um: readonly number[]) => void;
  /** The part it stepped on from by itself, and the readings it had before; until the next move. */
  stepped: { from: PartId; before: ReadonlySet<string> } | undefined;
}

/** Keeps readings on the part they were taken on, however fast they come, and steps on along the route. */
export function usePaintReader(
  walk: OpenWalk,
  route: readonly PartId[],
  from: PartId | undefined,
): PaintReader {
  const { state, record } = walk;
  const have = useRef(countsOf(state));
  const firstLeft = route.find((part) => (have.current.get(part) ?? 0) < FEWEST_READINGS);
  const [hand, setHand] = useState<PartId>(from ?? firstLeft ?? route[0] ?? '');
  const [after, setAfter] = useState<number | undefined>(FEWEST_READINGS);
  const [spot, showSpot] = useState<Spot>();
  const [stepped, setStepped] = useState<PaintReader['stepped']>();
  const reads = useRef(state.paint);
  reads.current = state.paint;
  const readsOf = useCallback(
    (part: PartId) => new Set((reads.current.get(part) ?? []).map(({ entry }) => entry)),
    [],
  );
  const held = useRef<{ part: PartId; taken: number; before: ReadonlySet<string>; spot?: Spot }>({
    part: hand,
    taken: 0,
    before: readsOf(hand),
  });
  const gathered = useRef<{ part: PartId; um: number[]; source: PaintSource; spot?: Spot } | undefined>(
    undefined,
  );
  const timer = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);

  const flush = useCallback(() => {
    clearTimeout(timer.current);
    timer.current = undefined;
    const body = gathered.current;
    gathered.current = undefined;
    if (body) record({ kind: 'paint-read', body });
  }, [record]);
  // What was gathered keeps its own part: a tap need not wait for it to be written.
  const moveTo = useCallback(
    (part: PartId) => {
      held.current = { part, taken: 0, before: readsOf(part) };
      setHand(part);
      showSpot(undefined);
      setStepped(undefined);
    },
    [readsOf],
  );
  const setSpot = useCallback((at: Spot) => {
    held.current = { ...held.current, spot: at };
    showSpot(at);
  }, []);
  const stepOn = useCallback(() => {
    const { part, taken, before } = held.current;
    if (after === undefined || taken < after) return;
    const at = route.indexOf(part);
    const onward = [...route.slice(at + 1), ...route.slice(0, Math.max(0, at))];
    const next = onward.find((id) => (have.current.get(id) ?? 0) < FEWEST_READINGS);
    if (!next) return;
    moveTo(next);
    setStepped({ from: part, before });
  }, [after, route, moveTo]);
  const takeTyped = useCallback(
    (um: readonly number[]) => {
      flush();
      const { part, spot: place } = held.current;
      record({
        kind: 'paint-read',
        body: { part, um: [...um], source: 'typed', ...(place && { spot: place }) },
      });
      have.current.set(part, (have.current.get(part) ?? 0) + um.length);
      held.current.taken += um.length;
      stepOn();
    },
    [flush, record, stepOn],
  );
  const take = useCallback(
    (um: number, source: PaintSource) => {
      const { part, spot: place } = held.current;
      const now = gathered.current;
      const isSame = now?.part === part && now.source === source && now.spot === place;
      if (now && (!isSame || now.um.length >= MOST_AT_ONCE)) flush();
      gathered.current ??= { part, um: [], source, ...(place && { spot: place }) };
      gathered.current.um.push(Math.round(um * 10) / 10);
      timer.current ??= setTimeout(flush, GATHER_MS);
      have.current.set(part, (have.current.get(part) ?? 0) + 1);
      held.current.taken++;
      stepOn();
    },
    [flush, stepOn],
  );
  // What was taken back meanwhile is wanted again.
  useEffect(() => {
    if (!gathered.current) have.current = countsOf(state);
  }, [state]);
  // Nothing gathered is lost when the screen is left or the phone put away.
  useEffect(() => {
    const onHide = () => flush();
    document.addEventListener('visibilitychange', onHide);
    window.addEventListener('pagehide', onHide);
    return () => {
      document.removeEventListener('visibilitychange', onHide);
      window.removeEventListener('pagehide', onHide);
      flush();
    };
  }, [flush]);
  const inHand = useCallback(() => held.current.part, []);
  return { hand, after, setAfter, moveTo, take, takeTyped, stepped, inHand, spot, setSpot };
}
