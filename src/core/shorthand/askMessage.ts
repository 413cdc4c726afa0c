import { kindName, type SideSpeech, speakHand, vocabularyOf } from '../car';
import { findingKindName } from '../walk';
import type { Question } from './parseShorthand';

const slots = {
  side: 'side',
  end: 'end',
  part: 'part',
  kind: 'fault',
  count: 'number',
  size: 'size',
} as const;

/** A question in plain words, with the side words of the car's country. */
export function askMessage(question: Question, speech: SideSpeech): string {
  switch (question.code) {
    case 'empty':
      return 'Say the part and what is wrong with it.';
    case 'too-long':
      return `Say one finding at a time, in at most ${question.max} characters.`;
    case 'which-part':
      return 'Which part is it on?';
    case 'which-side':
      return `Which ${kindName(question.kind, speech)}: ${speakHand('l', speech)} (left) or ${speakHand('r', speech)} (right)?`;
    case 'which-end':
      return `Which ${kindName(question.kind, speech)}: front or rear?`;
    case 'part-not-on-car':
      return `This car has no such ${kindName(question.kind, speech)}. Name another part.`;
    case 'which-kind':
      return 'What is wrong there: a scratch, a dent, a chip?';
    case 'kind-does-not-fit':
      return `${findingKindName(question.kind, vocabularyOf(speech))} does not fit that part. Name another fault or part.`;
    case 'said-two':
      return `You said “${question.texts[0]}” and “${question.texts[1]}”: which ${slots[question.slot]} is it?`;
    case 'denied':
      return 'That says there is none. If the part is fine, clear it; a fault is said without “no”.';
    case 'impossible-number':
      return `“${question.text}” cannot be a count or a size. Say it again.`;
  }
}
