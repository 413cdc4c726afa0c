import { kindName, type SideSpeech } from '#core/car';
import { grammar, type Meaning } from '#core/shorthand';
import { adviceWords, amountWords, decisionNames, findingKindName, noticeWords, testWords } from '#core/walk';
import { sentence } from '#core/wording';
import { Bar } from '../../shell/Bar';

const uk: SideSpeech = { country: 'GB', steering: 'right' };

const slots = {
  place: 'Where: side and end',
  part: 'Part',
  kind: 'What is wrong',
  count: 'How many',
  nail: 'Nail across it',
  feel: 'Feel it',
  wipe: 'Wipe it',
  notice: 'Noticed from',
  severity: 'How bad',
  amount: 'How many, roughly',
  cure: 'What would mend it',
  decision: 'Who decides',
  suspected: 'Not sure yet',
  correction: 'To correct yourself in the same breath',
  denial: 'To say that there is none: never taken for a fault',
} as const satisfies Record<Exclude<Meaning['slot'], 'filler'>, string>;

const examples = [
  'left wing scratch 140 mm just catches',
  'nsr door dent 30mm pdr',
  '3 chips bonnet edge up close touch in',
  'rear bumper scuff 120 x 50 from across the bay',
  'left … sorry, right rear door dent 2cm',
  'maybe a scratch on the roof, wipes fainter',
] as const;

/** The grammar of the one-line finding, published from the lexicon itself. */
export function ShorthandHelp() {
  const rows = grammar();
  return (
    <>
      <Bar title="A finding in one line" back={{ to: '/', label: 'Stock list' }} />
      <main className="mx-auto max-w-4xl p-4">
        <p>
          Type or dictate part, side, fault, number, size, test, distance and what will be done, in any order.
          Sizes are in millimetres unless you say cm, inches or m; in US words, in inches. Without a part the
          one you stand at is meant. Zelk shows what it understood, asks where a side is open, and keeps words
          it does not know as a note.
        </p>
        <ul className="my-3 space-y-1">
          {examples.map((line) => (
            <li key={line} className="border-l-4 border-tape pl-2">
              {line}
            </li>
          ))}
        </ul>
        {(Object.keys(slots) as (keyof typeof slots)[]).map((slot) => (
          <section key={slot} className="mt-5">
            <h2 className="mb-1 text-lg">{slots[slot]}</h2>
            <dl>
              {rows
                .filter(({ meaning }) => meaning.slot === slot)
                .map(({ meaning, phrases }) => (
                  <div
                    key={phrases[0]}
                    className="grid gap-x-3 border-b border-line py-1 sm:grid-cols-[13rem_1fr]"
                  >
                    <dt className="font-bold">{sentence(wordsFor(meaning))}</dt>
                    <dd className="min-w-0 text-soft">{phrases.join(' · ')}</dd>
                  </div>
                ))}
            </dl>
          </section>
        ))}
      </main>
    </>
  );
}

function wordsFor(meaning: Meaning): string {
  switch (meaning.slot) {
    case 'place': {
      const hand = meaning.hand && { l: 'left', r: 'right' }[meaning.hand];
      return [hand ?? meaning.sideWord, meaning.end].filter(Boolean).join(', ');
    }
    case 'part':
      return [...new Set(meaning.kinds.map((kind) => kindName(kind, uk)))].join(' or ');
    case 'kind':
      return [...new Set(meaning.kinds.map((kind) => findingKindName(kind, 'uk').toLowerCase()))].join(
        ' or ',
      );
    case 'count':
      return String(meaning.count);
    case 'nail':
      return testWords.nail[meaning.answer];
    case 'feel':
      return testWords.feel[meaning.answer];
    case 'wipe':
      return testWords.wipe[meaning.answer];
    case 'notice':
      return noticeWords[meaning.notice].name.toLowerCase();
    case 'severity':
      return meaning.severity;
    case 'amount':
      return amountWords[meaning.amount];
    case 'cure':
      return adviceWords([{ cure: meaning.cure, ...(meaning.sure && { sure: meaning.sure }) }], 'uk');
    case 'decision':
      return decisionNames[meaning.decision].toLowerCase();
    case 'suspected':
      return 'suspected';
    case 'correction':
      return 'what comes next replaces';
    case 'denial':
      return 'there is none';
    case 'filler':
      return '';
  }
}
