import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bodyStyle } from '#core/car';
import { planRoute, usualRoute } from '#core/route';
import { type Entry, type Fact, replay } from '#core/walk';
import { arbitraryLog } from '../../../../../tests/builders/arbitraryEntries';
import { begun, entriesOf, idOf, noted, WALK } from '../../../../../tests/builders/entries';
import {
  afterAction,
  beginning,
  DOUBLE_TAP_MS,
  middleHere,
  type Round,
  type RoundAction,
  standingOf,
  type WalkSeen,
} from './round';

const style = bodyStyle('hatch-5');
const route = planRoute(style, usualRoute).map((stop) => stop.part);
const [first = '', second = ''] = route;

const seen = (entries: readonly Entry[]): WalkSeen => ({ entries, state: replay(WALK, entries), style });
const walkOf = (...facts: Fact[]) => seen(entriesOf([begun, ...facts]));
const at = (part: string): Fact => ({ kind: 'stop-reached', body: { part } });
const clear = (part: string): Fact => ({ kind: 'part-cleared', body: { part } });
const spot = { u: 0.2, v: 0.7 };

describe('where one stands', () => {
  it('is the first stop of the route, then the stop last reached; its face is what one looks at', () => {
    expect(standingOf(walkOf(), beginning)).toMatchObject({
      here: first,
      face: style.parts.get(first)?.face,
    });
    const standing = standingOf(walkOf(at('door-rl')), beginning);
    expect(standing).toMatchObject({ here: 'door-rl', face: 'left' });
    expect(middleHere(standing).u).toBeGreaterThan(0);
  });

  it('is the first stop again where a log names a part that this car has not', () => {
    expect(standingOf(walkOf(at('sleeper')), beginning).here).toBe(first);
  });
});

describe('what is said in one tap', () => {
  const say = (round: Round, atMs: number, walk = walkOf()) =>
    afterAction(round, { does: 'walk-on', fact: clear(first), atMs }, walk);

  it('is logged, and leads on to the next part left', () => {
    const { round, facts } = say({ ...beginning, turnedTo: 'rear' }, 1000);
    expect(facts).toEqual([clear(first), at(second)]);
    expect(round).toEqual({ ...beginning, walkedOnAtMs: 1000 });
  });

  it('passes over what was looked at before', () => {
    const [said, onward] = say(beginning, 1000, walkOf(at(first), clear(second))).facts;
    expect(said).toEqual(clear(first));
    expect(onward?.kind).toBe('stop-reached');
    expect(onward).not.toEqual(at(second));
  });

  it('is said once by a thumb that taps twice, and again by one that waits', () => {
    const { round } = say(beginning, 1000);
    expect(say(round, 1000 + DOUBLE_TAP_MS - 1)).toEqual({ round, facts: [] });
    expect(say(round, 1000 + DOUBLE_TAP_MS).facts).toHaveLength(2);
  });

  it('leads to the list of what is left after the last part', () => {
    const walk = walkOf(...route.slice(1).map(clear), at(first));
    const { round, facts } = say(beginning, 1000, walk);
    expect(facts).toEqual([clear(first)]);
    expect(round.deck).toEqual({ mode: 'left' });
  });
});

describe('a tap on the map', () => {
  const tap = (round: Round, part: string, walk: WalkSeen) =>
    afterAction(round, { does: 'tap', part, spot }, walk);

  it('on the part one stands at asks what is there', () => {
    expect(tap(beginning, 'roof', walkOf(at('roof')))).toEqual({
      round: { ...beginning, deck: { mode: 'kinds', part: 'roof', spot } },
      facts: [],
    });
  });

  it('on another part goes there', () => {
    const { round, facts } = tap({ ...beginning, turnedTo: 'top', deck: { mode: 'log' } }, 'roof', walkOf());
    expect(facts).toEqual([at('roof')]);
    expect(round).toEqual(beginning);
  });

  const chip = (count: number): Fact => {
    const fact = noted(1, 'bonnet') as Extract<Fact, { kind: 'finding-noted' }>;
    return { ...fact, body: { ...fact.body, kind: 'stone-chip', details: { count } } };
  };
  const open: Round = { ...beginning, deck: { mode: 'refine', finding: idOf(0xf001) } };

  it('is one more chip while one is open on that part', () => {
    const { round, facts } = tap(open, 'bonnet', walkOf(at('bonnet'), chip(3)));
    expect(round).toBe(open);
    expect(facts).toMatchObject([{ kind: 'finding-amended', body: { changes: { count: 4 } } }]);
  });

  it('on another part leaves an open chip alone', () => {
    const { facts } = tap(open, 'roof', walkOf(at('bonnet'), chip(3)));
    expect(facts).toEqual([at('roof')]);
  });

  it('is no dot on a dent, whose size is drawn along it', () => {
    expect(tap(open, 'bonnet', walkOf(at('bonnet'), noted(1, 'bonnet'))).round.deck.mode).toBe('kinds');
  });
});

describe('a stroke on the map', () => {
  const line = { form: 'line', from: spot, to: { u: 0.6, v: 0.7 } } as const;
  const stroke = (round: Round, walk: WalkSeen) => afterAction(round, { does: 'draw', extent: line }, walk);

  it('measures the finding that is open', () => {
    const open: Round = { ...beginning, deck: { mode: 'refine', finding: idOf(0xf001) } };
    const { facts } = stroke(open, walkOf(noted(1, 'door-fl')));
    expect(facts).toMatchObject([{ kind: 'finding-amended', body: { finding: idOf(0xf001) } }]);
    const [fact] = facts as [Extract<Fact, { kind: 'finding-amended' }>];
    expect(fact.body.changes.lengthMm).toBeGreaterThan(300);
  });

  it('says nothing when no finding is open', () => {
    expect(stroke(beginning, walkOf(noted(1)))).toEqual({ round: beginning, facts: [] });
  });
});

describe('undo', () => {
  it('takes the last thing back and stands where it was said', () => {
    const walk = walkOf(at('roof'), clear('roof'), at('bonnet'));
    const { round, facts } = afterAction({ ...beginning, turnedTo: 'rear' }, { does: 'undo' }, walk);
    expect(facts).toEqual([{ kind: 'undone', body: { entry: walk.state.undoable.at(-1) } }, at('roof')]);
    expect(round).toEqual(beginning);
  });

  it('stays in the log where it was pressed there, and does nothing where nothing was said', () => {
    const log: Round = { ...beginning, deck: { mode: 'log' } };
    expect(afterAction(log, { does: 'undo' }, walkOf(clear(first))).round.deck).toEqual({ mode: 'log' });
    expect(afterAction(log, { does: 'undo' }, walkOf())).toEqual({ round: log, facts: [] });
  });
});

describe('looking about', () => {
  it.each<[RoundAction, Partial<Round>]>([
    [{ does: 'turn', to: 'cabin' }, { turnedTo: 'cabin' }],
    [{ does: 'settle' }, {}],
    [{ does: 'zoom' }, { isClose: false }],
    [{ does: 'help', isOn: true }, { isHelping: true }],
    [{ does: 'open', deck: { mode: 'photos' } }, { deck: { mode: 'photos' } }],
  ])('%j logs nothing', (action, change) => {
    expect(afterAction(beginning, action, walkOf())).toEqual({
      round: { ...beginning, ...change },
      facts: [],
    });
  });

  it('turning at a stop takes the part along, so that map and large button speak of one part', () => {
    const walk = walkOf(at('door-fl'), clear('dashboard'));
    const turning = afterAction(beginning, { does: 'turn', to: 'cabin' }, walk);
    expect(turning).toEqual({ round: { ...beginning, turnedTo: 'cabin' }, facts: [] });
    const { round, facts } = afterAction(turning.round, { does: 'settle' }, walk);
    const [moved] = facts;
    const there = moved?.kind === 'stop-reached' ? style.parts.get(moved.body.part) : undefined;
    expect(there?.face).toBe('cabin');
    expect(there?.id).not.toBe('dashboard');
    expect(round).toEqual(beginning);
    expect(standingOf(seen(entriesOf([begun, ...facts])), round)).toMatchObject({
      here: there?.id,
      face: 'cabin',
    });
  });

  it('takes along a part that is done where all there are done', () => {
    const done = [...style.parts.values()].filter(({ face }) => face === 'boot').map(({ id }) => clear(id));
    const turnedTo = { ...beginning, turnedTo: 'boot' as const };
    expect(afterAction(turnedTo, { does: 'settle' }, walkOf(...done)).facts).toHaveLength(1);
  });

  it('stands there before a deck is opened, however soon', () => {
    const walk = walkOf(at('door-fl'));
    const { round, facts } = afterAction(
      { ...beginning, turnedTo: 'cabin' },
      { does: 'open', deck: { mode: 'photos' } },
      walk,
    );
    expect(facts).toHaveLength(1);
    expect(round).toEqual({ ...beginning, deck: { mode: 'photos' } });
  });

  it('settles nothing where one looks at the part in hand', () => {
    const walk = walkOf(at('door-fl'));
    for (const round of [beginning, { ...beginning, turnedTo: 'left' as const }])
      expect(afterAction(round, { does: 'settle' }, walk)).toEqual({ round, facts: [] });
  });

  it('only looks while something else is in hand, and looks at its part again at the stop', () => {
    const walk = walkOf(at('door-fl'), noted(1));
    const refining: Round = { ...beginning, deck: { mode: 'refine', finding: idOf(0xf001) } };
    const { round, facts } = afterAction(refining, { does: 'turn', to: 'rear' }, walk);
    expect(facts).toEqual([]);
    expect(standingOf(walk, round)).toMatchObject({ here: 'door-fl', face: 'rear' });
    const back = afterAction(round, { does: 'open', deck: { mode: 'stop' } }, walk);
    expect(standingOf(walk, back.round)).toMatchObject({ here: 'door-fl', face: 'left' });
  });

  it('swipes walk round the car and back to the side where one began', () => {
    const facts: Fact[] = [at('door-fl')];
    let round = beginning;
    const faces: string[] = [];
    for (let i = 0; i < 4; i++)
      for (const action of [{ does: 'swipe', way: 'left' }, { does: 'settle' }] as const) {
        const outcome = afterAction(round, action, walkOf(...facts));
        round = outcome.round;
        facts.push(...outcome.facts);
        if (action.does === 'settle') faces.push(standingOf(walkOf(...facts), round).face);
      }
    expect(faces).toEqual(['rear', 'right', 'front', 'left']);
  });

  it('steps follow the route both ways, round its ends', () => {
    expect(afterAction(beginning, { does: 'step', by: 1 }, walkOf()).facts).toEqual([at(second)]);
    expect(afterAction(beginning, { does: 'step', by: -1 }, walkOf()).facts).toEqual([
      at(route.at(-1) ?? ''),
    ]);
  });
});

it('whatever is done on whatever walk, what is logged is of this car, and the walk goes in unchanged', () => {
  const part = fc.constantFrom('bonnet', 'door-fl', 'roof', first);
  const action: fc.Arbitrary<RoundAction> = fc.oneof(
    part.map((to): RoundAction => ({ does: 'go-to', part: to })),
    part.map((on): RoundAction => ({ does: 'tap', part: on, spot })),
    fc.constantFrom(-1, 1).map((by): RoundAction => ({ does: 'step', by })),
    fc.nat(5000).map((atMs): RoundAction => ({ does: 'walk-on', fact: clear(first), atMs })),
    fc.constantFrom<RoundAction>(
      { does: 'undo' },
      { does: 'zoom' },
      { does: 'open', deck: { mode: 'refine', finding: idOf(0xf001) } },
      { does: 'open', deck: { mode: 'log' } },
      { does: 'swipe', way: 'right' },
      { does: 'settle' },
    ),
  );
  fc.assert(
    fc.property(arbitraryLog, fc.array(action, { maxLength: 12 }), (log, actions) => {
      const walk = seen(log);
      const before = JSON.stringify([...walk.entries]);
      let round = beginning;
      for (const each of actions) {
        const outcome = afterAction(round, each, walk);
        round = outcome.round;
        for (const { body } of outcome.facts)
          if ('part' in body && body.part) expect(style.parts.has(body.part)).toBe(true);
      }
      expect(JSON.stringify([...walk.entries])).toBe(before);
    }),
    { numRuns: 100 },
  );
});
