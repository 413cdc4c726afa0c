import { type MessageFormatElement, parse, TYPE } from '@formatjs/icu-messageformat-parser';
import fc from 'fast-check';
import IntlMessageFormat from 'intl-messageformat';
import { describe, expect, it } from 'vitest';
import { arbitraryLog } from '../../../tests/builders/arbitraryEntries';
import { testCar } from '../../../tests/builders/car';
import { WALK } from '../../../tests/builders/entries';
import { reportOfLog } from '../../../tests/builders/report';
import { retell, textSchema } from '../told';
import { functionOf } from '../told/functionOfMessage';
import { isPlain } from '../told/isPlain';
import { numberStyles, type Speaker, speakerOf } from '../told/speaker';
import { replay } from '../walk';
import { englishOfReport } from './words';

const begunLog = arbitraryLog.filter((log) => replay(WALK, log).begun !== undefined);
const american = { ...testCar, country: 'US', steering: 'left' } as const;

describe('what a report was told from', () => {
  it('tells the same report anew, and the other English where that is asked', () => {
    fc.assert(
      fc.property(begunLog, (log) => {
        const [uk, us] = [testCar, american].map((car) => reportOfLog(log, { car }));
        for (const [report, vocabulary] of [
          [uk, 'uk'],
          [us, 'us'],
        ] as const) {
          const { messages = {}, ...told } = JSON.parse(JSON.stringify(report)) as NonNullable<typeof uk>;
          expect(retell(told, messages, englishOfReport(vocabulary))).toEqual(told);
          for (const text of Object.values(messages)) expect(textSchema.parse(text)).toEqual(text);
        }
      }),
      { numRuns: 40 },
    );
  });
});

/** Values for every way a message may be told: each choice, and figures of every plural. */
function valuesFor(elements: MessageFormatElement[]): Record<string, string | number>[] {
  const choices = new Map<string, (string | number)[]>();
  const look = (within: MessageFormatElement[]): void => {
    for (const each of within) {
      if (each.type === TYPE.argument) choices.set(each.value, ['a `$' + '{word}`']);
      if (each.type === TYPE.number) choices.set(each.value, [0, 1.25, 1234.5]);
      if (each.type === TYPE.plural) choices.set(each.value, [0, 1, 2, 1234]);
      if (each.type === TYPE.select) choices.set(each.value, Object.keys(each.options));
      if (each.type === TYPE.plural || each.type === TYPE.select)
        for (const { value } of Object.values(each.options)) look(value);
    }
  };
  look(elements);
  return [...choices].reduce<Record<string, string | number>[]>(
    (made, [name, values]) => made.flatMap((each) => values.map((value) => ({ ...each, [name]: value }))),
    [{}],
  );
}

describe('the two catalogues of English', () => {
  const [uk, us] = [englishOfReport('uk'), englishOfReport('us')];
  const names = (elements: MessageFormatElement[]): string[] =>
    elements.flatMap((each) => [
      ...(each.type === TYPE.literal || each.type === TYPE.pound || each.type === TYPE.tag
        ? []
        : [each.value]),
      ...(each.type === TYPE.plural || each.type === TYPE.select
        ? Object.values(each.options).flatMap(({ value }) => names(value))
        : []),
    ]);
  const valuesOf = (source: unknown) =>
    [...new Set(names(parse(String(source), { ignoreTag: true })))].sort();

  it('can be read by the rules of ICU', () => {
    for (const source of Object.values(uk.messages)) expect(() => valuesOf(source)).not.toThrow();
  });

  it('say the same as functions, as the build makes of them, and as read by an independent reader of ICU', () => {
    for (const { locale, messages } of [uk, us])
      for (const source of Object.values(messages).map(String)) {
        if (isPlain(source)) continue;
        const elements = parse(source, { ignoreTag: true });
        const made = new Function(`return ${functionOf(elements)}`)() as (
          values: object,
          speaker: Speaker,
        ) => string;
        const read = new IntlMessageFormat(source, locale, { number: numberStyles }, { ignoreTag: true });
        for (const values of valuesFor(elements))
          expect(made(values, speakerOf(locale))).toBe(read.format(values));
      }
  });

  it('say the same things, of the same values where the unit does not differ', () => {
    expect(Object.keys(us.messages)).toEqual(Object.keys(uk.messages));
    for (const [id, source] of Object.entries(uk.messages))
      expect(valuesOf(us.messages[id])).toEqual(expect.arrayContaining(valuesOf(source)));
  });
});
