import { type BodyStyle, kindName, type SideSpeech, speakHand, vocabularyOf } from '../car';
import { findingKindName } from '../walk';
import type { Draft } from './drafts';

/** What must be asked of a statement before it may be taken, in plain words with the side words of the car's country; nothing where all is said. */
export function askMessage(draft: Draft, style: BodyStyle, speech: SideSpeech): string | undefined {
  if (draft.is !== 'finding' && draft.is !== 'clear') return undefined;
  const [question] = draft.questions;
  if (!question) return undefined;
  const kind = style.parts.get(draft.choices?.[0] ?? '')?.kind;
  const first = (draft.is === 'finding' && draft.kinds[0]) || 'other';
  const name = kind ? kindName(kind, speech) : 'part';
  switch (question) {
    case 'which-part':
      return 'Which part is it on?';
    case 'which-side':
      return `Which ${name}: ${speakHand('l', speech)} (left) or ${speakHand('r', speech)} (right)?`;
    case 'which-end':
      return `Which ${name}: front or rear?`;
    case 'said-two':
      return 'You said two places in a row: which one is it?';
    case 'part-not-on-car':
      return 'This car has no such part. Name another one.';
    case 'which-kind':
      return 'What is wrong there: a scratch, a dent, a chip?';
    case 'kind-does-not-fit':
      return `${findingKindName(first, vocabularyOf(speech))} does not fit that part. Name another fault or part.`;
    case 'impossible-number':
      return 'That number cannot be a count or a size. Say it again.';
  }
}
