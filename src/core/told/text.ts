/**
 * What is told, before it is put into the words of a language: a message by its id with typed values, several texts in a row, or somebody's own
 * words, which no language changes. `starts` marks what stands at the start of a line.
 */
export type Text = Message | Listed | Own;

export interface Message {
  id: string;
  values?: Values | undefined;
  starts?: true | undefined;
}

/** How texts in a row are joined: every language has its own signs and words for that. */
export const joints = ['comma', 'semicolon', 'and', 'inTurn', 'sentences'] as const;
export type Joint = (typeof joints)[number];

export interface Listed {
  list: Joint;
  of: readonly Text[];
  starts?: true | undefined;
}

/** Somebody's own words, as they stand. */
export interface Own {
  own: string;
  starts?: true | undefined;
}

/** A calendar day, ISO 8601. */
export interface Day {
  day: string;
}

/** A month of a year, ISO 8601: "2026-03". */
export interface Month {
  month: string;
}

/** A sum in a currency, ISO 4217, in whole units. */
export interface Money {
  money: number;
  currency: string;
}

/** A figure, a token that a message chooses by (never shown), a day, a month, a sum, or another text. */
export type Value = number | string | Day | Month | Money | Text;
export type Values = Readonly<Record<string, Value>>;

/** The shape of something told, where every text may still be a message. */
export type Told<T> = T extends string
  ? string extends T
    ? T | Text
    : T
  : T extends readonly (infer Each)[]
    ? Told<Each>[]
    : T extends object
      ? { [Key in keyof T]: Told<T[Key]> }
      : T;

/** A text glued into a string would leave the catalogue's reach: that fails at once. */
const unglued = {
  toString(): string {
    throw new Error(`A message was glued into a string: ${JSON.stringify(this)}`);
  },
};
const text = <T extends Text>(data: T): T => Object.assign(Object.create(unglued), data);

/** Ways to say what a room's words have ids for. */
export const sayer =
  <Id extends string>() =>
  (id: Id, values?: Values): Message =>
    text(values ? { id, values } : { id });

export const own = (words: string): Own => text({ own: words });

/** Several in a row; what is not there is left out. One alone stays as it is. */
export function listed(list: Joint, of: readonly (Text | undefined)[]): Text {
  const there = of.filter((each) => each !== undefined);
  return there.length === 1 ? (there[0] as Text) : text({ list, of: there });
}

/** The same at the start of a line. */
export const starting = <T extends Text>(told: T): T => text({ ...told, starts: true });

/** What stands at the start of a line, as it stands within one. */
export function inside(told: Text): Text {
  if (!('starts' in told)) return told;
  const { starts: _, ...rest } = told;
  return text(rest as Text);
}

/** Whether there is nothing in it. */
export const isNothing = (told: Text): boolean =>
  'list' in told ? told.of.every(isNothing) : 'own' in told && told.own === '';

/** What is told, or the empty string where nothing is. */
export const orEmpty = (told: Text | undefined): Text | '' => (told && !isNothing(told) ? told : '');

/** Puts a text into the words of somebody's language. */
export type Tell = (text: Text) => string;

export const isText = (value: unknown): value is Text =>
  typeof value === 'object' && value !== null && Object.getPrototypeOf(value) === unglued;
