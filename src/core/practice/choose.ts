import type { PracticeCard } from './cards';
import { type Exercise, type Skill, skillOf } from './exercise';

/** What a person answered before. */
export interface Done {
  exercise: string;
  at: string;
}

export interface Next {
  exercise: Exercise;
  /** Because it is due, because it is new, or for want of anything due. */
  why: 'due' | 'new' | 'ahead';
}

/**
 * What to look at next: the skill longest due, then a new one, then that which is due soonest. Of a skill's pictures the one that was seen the least, and of those the one
 * seen longest ago. `random` breaks ties, so that pictures with nothing in them stand anywhere.
 */
export function nextExercise(
  exercises: readonly Exercise[],
  cards: ReadonlyMap<Skill, PracticeCard>,
  done: readonly Done[],
  now: Date,
  random: () => number,
): Next | undefined {
  const bySkill = new Map<Skill, Exercise[]>();
  for (const exercise of exercises) {
    const skill = skillOf(exercise.truth);
    bySkill.set(skill, [...(bySkill.get(skill) ?? []), exercise]);
  }
  const known = [...bySkill.keys()].flatMap((skill) => {
    const card = cards.get(skill);
    return card ? [{ skill, due: card.due.getTime() }] : [];
  });
  const due = known.filter(({ due: at }) => at <= now.getTime()).sort((a, b) => a.due - b.due)[0];
  if (due) return of(bySkill.get(due.skill), done, random, 'due');
  const fresh = [...bySkill.keys()].filter((skill) => !cards.has(skill));
  if (fresh.length > 0)
    return of(bySkill.get(fresh[Math.floor(random() * fresh.length)] as Skill), done, random, 'new');
  const soonest = known.sort((a, b) => a.due - b.due)[0];
  return soonest && of(bySkill.get(soonest.skill), done, random, 'ahead');
}

function of(
  exercises: readonly Exercise[] | undefined,
  done: readonly Done[],
  random: () => number,
  why: Next['why'],
): Next | undefined {
  const seen = new Map<string, { times: number; last: string }>();
  for (const { exercise, at } of done) {
    const before = seen.get(exercise);
    seen.set(exercise, {
      times: (before?.times ?? 0) + 1,
      last: before && before.last > at ? before.last : at,
    });
  }
  const inOrder = (exercises ?? [])
    .map((exercise) => ({ exercise, tie: random(), ...(seen.get(exercise.id) ?? { times: 0, last: '' }) }))
    .sort((a, b) => a.times - b.times || (a.last < b.last ? -1 : a.last > b.last ? 1 : a.tie - b.tie));
  const first = inOrder[0];
  return first && { exercise: first.exercise, why };
}
