import { type SideSpeech, speakHand } from '#core/car';
import type { Question } from '#core/shorthand';
import { sentence } from '#core/wording';

export interface Answer {
  label: string;
  /** The line with the answer said. */
  change: (line: string) => string;
}

/** The line with a phrase it was understood by taken out again. */
export function without(line: string, phrase: string): string {
  const words = phrase.split(' ').map((word) => word.replace(/[.*+?^${}()|[\]\\]/g, '\\$&'));
  return line
    .replace(new RegExp(`(?<![\\w])${words.join('[\\s,]+')}(?![\\w])`, 'i'), ' ')
    .replace(/\s+/g, ' ')
    .trim();
}

const adding =
  (word: string): Answer['change'] =>
  (line) =>
    `${line.trim()} ${word}`;

/** What a question may be answered with in one tap; none where only words will do. */
export function answersTo(question: Question, speech: SideSpeech): Answer[] {
  switch (question.code) {
    case 'which-side':
      return [
        { label: `${sentence(speakHand('l', speech))} (left)`, change: adding('left') },
        { label: `${sentence(speakHand('r', speech))} (right)`, change: adding('right') },
      ];
    case 'which-end':
      return [
        { label: 'Front', change: adding('front') },
        { label: 'Rear', change: adding('rear') },
      ];
    case 'said-two': {
      const [first, second] = question.texts;
      return [
        { label: first, change: (line) => without(line, second) },
        { label: second, change: (line) => without(line, first) },
      ];
    }
    default:
      return [];
  }
}
