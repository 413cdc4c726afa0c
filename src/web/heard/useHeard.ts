import { useState } from 'react';
import { v4 as newId } from 'uuid';
import { type Answer, answered, type Draft, factsOf, isTakeable, placeOf } from '#core/speech';
import type { Fact } from '#core/walk';
import type { OpenWalk } from '../sync/useWalk';

export interface Heard {
  key: string;
  draft: Draft;
}

/** What was heard, with what a person answered and left out; and what of it may go into the record. */
export function useHeard(drafts: readonly Draft[], { style, state }: Pick<OpenWalk, 'style' | 'state'>) {
  const [answers, setAnswers] = useState<ReadonlyMap<string, Answer>>(new Map());
  const [leftOut, setLeftOut] = useState<ReadonlySet<string>>(new Set());
  const heard: Heard[] = drafts.flatMap((draft) => {
    const key = placeOf(draft);
    if (leftOut.has(key)) return [];
    const answer = answers.get(key);
    return [{ key, draft: answer ? answered(draft, answer, style) : draft }];
  });
  return {
    heard,
    ready: heard.map(({ draft }) => draft).filter((draft) => isTakeable(draft, style)),
    open: heard.find(({ draft }) => draft.sure === 'ask')?.draft,
    answer: (key: string, answer: Answer) =>
      setAnswers((before) => new Map(before).set(key, { ...before.get(key), ...answer })),
    leaveOut: (key: string) => setLeftOut((before) => new Set(before).add(key)),
    clear: () => {
      setAnswers(new Map());
      setLeftOut(new Set());
    },
    factsOf: (chosen: readonly Draft[], keepsWords: boolean): Fact[] =>
      factsOf(chosen, { style, newId, keepsWords, lampsOn: state.functions.lampsOn }),
  };
}
