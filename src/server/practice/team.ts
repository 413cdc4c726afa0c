import { styleOf } from '#core/car';
import { agreementByKind, practiceResults, type WalkedTwice } from '#core/practice';
import { asBuilt, replay, type WalkState } from '#core/walk';
import type { Stores } from '../store/stores';

/** What people share of their practice, and how far two who walked the same cars agree. */
export function teamOf(stores: Stores) {
  const nameOf = (person: string) => stores.people.get(person)?.name ?? 'Somebody';
  return {
    people: stores.practice
      .shared()
      .map((person) => ({ name: nameOf(person), results: practiceResults(stores.practice.done(person)) }))
      .filter(({ results }) => results.answers > 0),
    pairs: [...carsOfPairs(stores)]
      .map(([pair, cars]) => {
        const [one = '', other = ''] = pair.split(' ');
        return { one: nameOf(one), other: nameOf(other), cars: cars.length, kinds: agreementByKind(cars) };
      })
      .filter(({ kinds }) => kinds.length > 0),
  };
}

/** Cars two people walked, by the pair: of each person the newest walk of a car. */
function carsOfPairs(stores: Stores): Map<string, WalkedTwice[]> {
  const pairs = new Map<string, WalkedTwice[]>();
  for (const id of stores.judge.walkedTwice()) {
    const car = stores.cars.get(id);
    if (!car) continue;
    const byPerson = new Map<string, WalkState>();
    for (const { walk, entries } of stores.walks.logsOfCar(id)) {
      const state = replay(walk, entries);
      const who = state.people.length === 1 ? state.people[0] : undefined;
      if (state.begun && who && state.looks.size + state.findings.length > 0) byPerson.set(who, state);
    }
    const people = [...byPerson.keys()].sort();
    people.forEach((one, i) => {
      for (const other of people.slice(i + 1)) {
        const [a, b] = [byPerson.get(one), byPerson.get(other)];
        if (!a?.begun || !b) continue;
        const style = asBuilt(styleOf({ ...a.begun, steering: car.steering }), a);
        const key = `${one} ${other}`;
        pairs.set(key, [...(pairs.get(key) ?? []), { style, one: a, other: b }]);
      }
    });
  }
  return pairs;
}
