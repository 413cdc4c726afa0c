import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { type BodyStyle, bodyStyle, type SideSpeech } from '#core/car';

/** A talk as it was said, with what a person who knows the trade would have written down of it. The labels were written before the reader was. */
export interface Talk {
  name: string;
  style: BodyStyle;
  speech: SideSpeech;
  lines: string[];
  labels: Label[];
  /** The lines are cut where they are full, not where one pauses. */
  isOn?: true;
}

/** "finding door-fl dent n2", "clear roof", "tread tyre-fl 4-5 mm", "denied roof dent": a statement in a line. */
export interface Label {
  is: string;
  rest: readonly string[];
  text: string;
}

export function readTalkFile(folder: 'build' | 'held', file: string): Talk {
  const [first = '', ...rest] = readFileSync(join('tests/speech', folder, file), 'utf8')
    .trim()
    .split('\n');
  const [, country = 'GB', steering = 'right', body = 'hatch-5'] =
    /^# country (\w+), steering (\w+), body ([\w-]+)$/.exec(first) ?? [];
  return {
    name: file.replace('.talk', ''),
    style: bodyStyle(body as never),
    speech: { country, steering } as SideSpeech,
    lines: rest.filter((line) => !line.startsWith('>')),
    labels: rest.filter((line) => line.startsWith('>')).map((line) => labelOf(line.slice(1).trim())),
  };
}

export function labelOf(text: string): Label {
  const [is = '', ...rest] = text.split(' ');
  return { is, rest, text };
}
