import { type Card, createEmptyCard, fsrs, Rating } from 'ts-fsrs';
import { z } from 'zod';
import type { PracticeScore } from './score';

/** When a skill comes back: how well it is remembered, and the day it is due. */
export const practiceCardSchema = z.object({
  due: z.coerce.date(),
  stability: z.number(),
  difficulty: z.number(),
  elapsed_days: z.number(),
  scheduled_days: z.number(),
  learning_steps: z.number(),
  reps: z.int(),
  lapses: z.int(),
  state: z.int(),
  last_review: z.coerce.date().optional(),
});
export type PracticeCard = z.output<typeof practiceCardSchema>;

// Without chance in it: the same answers give the same days.
const scheduler = fsrs({ enable_fuzz: false });

/** Found so quickly, it was easy. House figure. */
const EASY_MS = 8000;

/** How well it went, in the four grades of the schedule. */
export function gradeOf({ outcome, falseAlarms, isKindRight, ms }: PracticeScore) {
  const isSeen = outcome === 'found' || outcome === 'known-dirt' || outcome === 'left-alone';
  if (!isSeen) return Rating.Again;
  if (falseAlarms.length > 0 || isKindRight === false) return Rating.Hard;
  return ms < EASY_MS ? Rating.Easy : Rating.Good;
}

/** The card of a skill after an answer (the free spaced repetition scheduler, by its published package). */
export function cardAfter(card: PracticeCard | undefined, score: PracticeScore, now: Date): PracticeCard {
  const { card: next } = scheduler.next((card ?? createEmptyCard(now)) as Card, now, gradeOf(score));
  return practiceCardSchema.parse(next);
}
