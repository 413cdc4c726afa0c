import { readFileSync } from 'node:fs';
import { bodyStyle, type SideSpeech } from '#core/car';
import { type Draft, readTalk } from '#core/speech';

export interface TypedLine {
  line: string;
  wanted: string;
  told: string;
}

/** What a typed line comes to, in the notation of the table. */
export function toldOfTyped(drafts: readonly Draft[]): string {
  const findings = drafts.filter((draft) => draft.is === 'finding');
  const asks = findings.flatMap(({ questions }) => questions);
  if (asks.length > 0) return `ask ${asks.join(' ')}`;
  return findings
    .map(({ part, kind, count, lengthMm, widthMm, nail, feel, wipe, notice, cures, decision, suspected }) =>
      [
        part,
        kind,
        count && `n${count}`,
        lengthMm && `l${lengthMm}`,
        widthMm && `w${widthMm}`,
        nail,
        feel,
        wipe,
        notice,
        cures?.map(({ cure }) => cure).join(' '),
        decision && (decision === 'left' ? 'leave' : decision),
        suspected && '?',
      ]
        .filter(Boolean)
        .join(' '),
    )
    .join('; ');
}

/** Every line of the table as it is read where it is typed. */
export function typedLines(): TypedLine[] {
  return readFileSync('tests/speech/typed.txt', 'utf8')
    .split('\n')
    .filter((row) => row.includes('=>'))
    .map((row) => {
      const [, country = 'GB', steering = 'right', line = '', wanted = ''] =
        /^(\w+) (\w+) \| (.*) => (.*)$/.exec(row) ?? [];
      const style = bodyStyle(country === 'US' ? 'saloon' : 'hatch-5');
      const speech = { country, steering } as SideSpeech;
      return {
        line,
        wanted,
        told: toldOfTyped(readTalk([{ text: line }], { style, speech, isTyped: true })),
      };
    });
}
