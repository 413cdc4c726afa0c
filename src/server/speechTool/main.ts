import { readFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { captionIssueWords, readCaptions, toTalk } from '#core/captions';
import { type BodyStyleId, bodyStyle, type Country, countryCodes, type Steering } from '#core/car';
import { readTalk, type SpokenFile, type TalkLine } from '#core/speech';

/**
 * `npm run --silent speech:read -- talk.vtt --country GB --steering right --body hatch-5` prints what a captions file comes to, as JSON (docs/speech.md);
 * with `--lines` each line of a text file by itself. A text without times is read as lines of one talk.
 */
async function main(): Promise<void> {
  const { values, positionals } = parseArgs({
    allowPositionals: true,
    options: {
      country: { type: 'string', default: 'GB' },
      steering: { type: 'string' },
      body: { type: 'string', default: 'hatch-5' },
      lines: { type: 'boolean', default: false },
    },
  });
  const [file] = positionals;
  if (!file)
    fail('Name the file to read: speech:read -- talk.vtt --country GB --steering right --body hatch-5');
  const country = countryCodes.find((code) => code === values.country.toUpperCase()) as Country | undefined;
  if (!country) fail(`No such country here: ${values.country}. Choose one of ${countryCodes.join(', ')}.`);
  const steering = (values.steering ?? (country === 'GB' ? 'right' : 'left')) as Steering;
  if (steering !== 'left' && steering !== 'right') fail('Steering is left or right.');
  const text = readText(file);
  const context = { style: styleNamed(values.body), speech: { country, steering } };
  const read = (lines: readonly TalkLine[]) => readTalk(lines, context);
  const told: SpokenFile = values.lines
    ? {
        format: 'zelk-speech',
        version: 1,
        lines: textLines(text).map((line) => ({ text: line.text, drafts: read([line]) })),
      }
    : { format: 'zelk-speech', version: 1, drafts: read(await talkOf(text)) };
  process.stdout.write(`${JSON.stringify(told, null, 2)}\n`);
}

const textLines = (text: string): TalkLine[] =>
  text
    .split(/\r?\n/)
    .filter((line) => line.trim() !== '')
    .map((line) => ({ text: line }));

/** Captions with their times, or a text without any. */
async function talkOf(text: string): Promise<TalkLine[]> {
  const captions = await readCaptions(text);
  return captions.ok ? toTalk(captions.captions) : fail(captionIssueWords(captions.issue));
}

function readText(file: string): string {
  try {
    return readFileSync(file, 'utf8');
  } catch {
    return fail(`${file} cannot be read. Check its name.`);
  }
}

function styleNamed(body: string) {
  try {
    return bodyStyle(body as BodyStyleId);
  } catch {
    return fail(`No such body style here: ${body}. Choose hatch-5, saloon, estate, suv, pickup …`);
  }
}

function fail(message: string): never {
  process.stderr.write(`${message}\n`);
  process.exit(2);
}

await main();
