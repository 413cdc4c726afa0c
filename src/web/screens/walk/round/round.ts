import { type BodyStyle, type FaceId, middleOf, type Part, type PartId } from '#core/car';
import type { Stop } from '#core/route';
import {
  type Extent,
  type Fact,
  type Finding,
  measureExtent,
  nextLeft,
  oneMoreAt,
  partStatus,
  routeOf,
  type Spot,
} from '#core/walk';
import { faceAround } from '../../../map/faceAround';
import type { OpenWalk } from '../../../sync/useWalk';
import { type Deck, faceOf, formOf, partTouchedBy } from './walkModel';

/** Two taps closer than this are one, by the usual time of a double tap. */
export const DOUBLE_TAP_MS = 300;

/** What the walk screen knows beside the walk itself: what is in hand, and where one looks. */
export interface Round {
  deck: Deck;
  /** Another face than that of the part one stands at. */
  turnedTo?: FaceId;
  /** The part fills the map, rather than its whole side. */
  isClose: boolean;
  isHelping: boolean;
  /** When a tap last said something and walked on; a clock that only runs forward. */
  walkedOnAtMs: number;
}

export const beginning: Round = {
  deck: { mode: 'stop' },
  isClose: true,
  isHelping: false,
  walkedOnAtMs: Number.NEGATIVE_INFINITY,
};

/** What a person does on the walk screen. */
export type RoundAction =
  | { does: 'open'; deck: Deck }
  /** Looks at another face; back at the part one stands at when none is given. */
  | { does: 'turn'; to: FaceId | undefined }
  | { does: 'swipe'; way: 'left' | 'right' }
  /** Has turned, and stays there. */
  | { does: 'settle' }
  | { does: 'zoom' }
  | { does: 'help'; isOn: boolean }
  | { does: 'go-to'; part: PartId }
  | { does: 'step'; by: number }
  /** Says what there is to say here, and walks on to the next part not looked at. */
  | { does: 'walk-on'; fact: Fact; atMs: number }
  | { does: 'undo' }
  | { does: 'tap'; part: PartId; spot: Spot }
  | { does: 'draw'; extent: Extent };

export interface Outcome {
  round: Round;
  /** What goes into the log. */
  facts: Fact[];
}

/** The part of an open walk that actions depend on. */
export type WalkSeen = Pick<OpenWalk, 'state' | 'style' | 'entries'>;

/** Where one stands, what one looks at, and what is in hand: all that follows from walk and round. */
export interface Standing {
  route: readonly Stop[];
  here: PartId;
  partHere: Part | undefined;
  face: FaceId;
  /** The finding whose details are open. */
  refined: Finding | undefined;
  /** How its extent is drawn with a finger, where it has one. */
  drawn: { part: Part; form: Extent['form'] } | undefined;
}

export function standingOf({ state, style }: Pick<WalkSeen, 'state' | 'style'>, round: Round): Standing {
  const route = routeOf(state, style);
  const here = state.at && style.parts.has(state.at) ? state.at : (route[0]?.part ?? '');
  const { deck } = round;
  const refined = deck.mode === 'refine' ? state.findings.find(({ id }) => id === deck.finding) : undefined;
  return {
    route,
    here,
    partHere: style.parts.get(here),
    face: round.turnedTo ?? faceOf(style, here) ?? 'left',
    refined,
    drawn: refined && drawnOf(refined, style),
  };
}

function drawnOf(finding: Finding, style: BodyStyle): Standing['drawn'] {
  const part = style.parts.get(finding.part);
  const form = part && formOf(finding.kind, part);
  return part && form ? { part, form } : undefined;
}

/** Where a finding lands that is logged without pointing. */
export const middleHere = ({ partHere }: Pick<Standing, 'partHere'>): Spot =>
  partHere ? middleOf(partHere) : { u: 0.5, v: 0.5 };

/** What comes of an action. Pure: the walk and the round before it go in, the round after it and new facts come out. */
export function afterAction(round: Round, action: RoundAction, walk: WalkSeen): Outcome {
  const standing = standingOf(walk, round);
  switch (action.does) {
    case 'open':
      return open(round, standing, walk, action.deck);
    case 'turn':
      return quiet(turned(round, action.to));
    case 'swipe':
      return quiet(turned(round, faceAround(standing.face, action.way === 'left' ? 1 : -1)));
    case 'settle':
      return settle(round, standing, walk);
    case 'zoom':
      return quiet({ ...round, isClose: !round.isClose });
    case 'help':
      return quiet({ ...round, isHelping: action.isOn });
    case 'go-to':
      return goTo(round, standing, action.part);
    case 'step':
      return step(round, standing, action.by);
    case 'walk-on':
      return walkOn(round, standing, walk, action);
    case 'undo':
      return undo(round, standing, walk);
    case 'tap':
      return tap(round, standing, action);
    case 'draw':
      return draw(round, standing, action.extent);
    default:
      return action satisfies never;
  }
}

const quiet = (round: Round): Outcome => ({ round, facts: [] });

function turned({ turnedTo: _, ...round }: Round, to: FaceId | undefined): Round {
  return to === undefined ? round : { ...round, turnedTo: to };
}

/** One looks at another side than that of the part in hand. */
const isTurnedAway = (round: Round, { partHere }: Standing): boolean =>
  round.turnedTo !== undefined && round.turnedTo !== partHere?.face;

/**
 * Turning at a stop is walking there: once one has turned, the first part not looked at comes into the hand, so that map and deck speak of one
 * part. With something else in hand one only looks.
 */
function settle(round: Round, standing: Standing, { state }: WalkSeen): Outcome {
  if (round.deck.mode !== 'stop' || !isTurnedAway(round, standing)) return quiet(round);
  const there = standing.route.filter(({ face }) => face === round.turnedTo);
  const next = there.find(({ part }) => partStatus(state, part) === 'not-looked-at') ?? there[0];
  return next ? goTo(round, standing, next.part) : quiet(round);
}

/** Opens a deck; who has just turned stands there first. Back at the stop one looks at its part: the large button must clear what the map shows. */
function open(round: Round, standing: Standing, walk: WalkSeen, deck: Deck): Outcome {
  if (deck.mode === 'stop') return quiet(facing(round, deck));
  const { round: settled, facts } = settle(round, standing, walk);
  return { round: { ...settled, deck }, facts };
}

/** Looks at where one stands again, with this deck. */
const facing = (round: Round, deck: Deck): Round => ({ ...turned(round, undefined), deck });

function goTo(round: Round, { here }: Standing, part: PartId): Outcome {
  const facts: Fact[] = part === here ? [] : [{ kind: 'stop-reached', body: { part } }];
  return { round: facing(round, { mode: 'stop' }), facts };
}

function step(round: Round, standing: Standing, by: number): Outcome {
  const { route, here } = standing;
  const at = route.findIndex((stop) => stop.part === here);
  const stop = route[(at + by + route.length) % route.length];
  return stop ? goTo(round, standing, stop.part) : quiet(round);
}

function walkOn(
  round: Round,
  { here }: Standing,
  { state, style }: WalkSeen,
  { fact, atMs }: Extract<RoundAction, { does: 'walk-on' }>,
): Outcome {
  // A cold thumb that taps twice means once: the next part must not be called clear unseen.
  if (atMs - round.walkedOnAtMs < DOUBLE_TAP_MS) return quiet(round);
  const next = nextLeft(state, style, here);
  return {
    round: { ...facing(round, next ? { mode: 'stop' } : { mode: 'left' }), walkedOnAtMs: atMs },
    facts: [fact, ...(next ? [{ kind: 'stop-reached' as const, body: { part: next.part } }] : [])],
  };
}

/** Takes the last thing back, and stands again where it was said. */
function undo(round: Round, { here }: Standing, walk: WalkSeen): Outcome {
  const entry = walk.state.undoable.at(-1);
  if (!entry) return quiet(round);
  const part = partTouchedBy(walk, entry);
  const back: Fact[] = part && part !== here ? [{ kind: 'stop-reached', body: { part } }] : [];
  return {
    round: facing(round, round.deck.mode === 'log' ? round.deck : { mode: 'stop' }),
    facts: [{ kind: 'undone', body: { entry } }, ...back],
  };
}

function tap(
  round: Round,
  standing: Standing,
  { part, spot }: Extract<RoundAction, { does: 'tap' }>,
): Outcome {
  const { refined, drawn, here } = standing;
  // Peppering: with a chip open, every further tap on its part is one more.
  if (refined && drawn?.form === 'dots' && part === refined.part)
    return { round, facts: [amendment(refined, oneMoreAt(refined, spot))] };
  if (part === here) return quiet({ ...round, deck: { mode: 'kinds', part, spot } });
  return goTo(round, standing, part);
}

function draw(round: Round, { refined, drawn }: Standing, extent: Extent): Outcome {
  if (!refined || !drawn) return quiet(round);
  return { round, facts: [amendment(refined, { extent, ...measureExtent(extent, drawn.part) })] };
}

const amendment = (
  { id }: Finding,
  changes: Extract<Fact, { kind: 'finding-amended' }>['body']['changes'],
): Fact => ({ kind: 'finding-amended', body: { finding: id, changes } });
