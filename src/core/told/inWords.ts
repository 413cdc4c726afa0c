import { type Catalogue, messageOf } from './catalogue';
import type { Listed, Message, Text, Value } from './text';

/** A text in the words of a catalogue. Throws where the catalogue lacks the message, or the message a value. */
export function inWords(text: Text, catalogue: Catalogue): string {
  const words = wordsOf(text, catalogue);
  return text.starts ? atStart(words, catalogue.locale) : words;
}

function wordsOf(text: Text, catalogue: Catalogue): string {
  if ('own' in text) return text.own;
  return 'list' in text ? joined(text, catalogue) : filledIn(text, catalogue);
}

function filledIn({ id, values = {} }: Message, catalogue: Catalogue): string {
  const filled: Record<string, string | number> = {};
  for (const [name, value] of Object.entries(values)) filled[name] = valueIn(value, catalogue);
  return messageOf(catalogue, id)(filled);
}

function valueIn(value: Value, catalogue: Catalogue): string | number {
  if (typeof value !== 'object') return value;
  if ('day' in value) return dayIn(value.day, catalogue.conventions);
  if ('month' in value) return monthIn(value.month, catalogue.conventions);
  if ('money' in value)
    return value.money.toLocaleString(catalogue.locale, {
      style: 'currency',
      currency: value.currency,
      maximumFractionDigits: 0,
    });
  return inWords(value, catalogue);
}

function joined({ list, of }: Listed, catalogue: Catalogue): string {
  const words = of.map((each) => inWords(each, catalogue)).filter(Boolean);
  return list === 'and'
    ? new Intl.ListFormat(catalogue.conventions, { type: 'conjunction' }).format(words)
    : words.join(catalogue.joints[list]);
}

/** "9 December 2026" */
const dayIn = (day: string, conventions: string): string =>
  new Date(`${day}T00:00:00Z`).toLocaleDateString(conventions, {
    day: 'numeric',
    month: 'long',
    year: 'numeric',
    timeZone: 'UTC',
  });

/** "December 2026" */
const monthIn = (month: string, conventions: string): string =>
  new Date(`${month}-01T00:00:00Z`).toLocaleDateString(conventions, {
    month: 'long',
    year: 'numeric',
    timeZone: 'UTC',
  });

const atStart = (words: string, locale: string): string => {
  const [first = ''] = words;
  return first.toLocaleUpperCase(locale) + words.slice(first.length);
};
