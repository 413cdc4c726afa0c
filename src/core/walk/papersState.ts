import type { ServiceEntry } from '../papers';
import type { EntryOf } from './entries';
import type { NumberPlace } from './papersBodies';

type Noted = EntryOf<'papers-noted'>['body'];
export type PapersNoted = { -readonly [K in keyof Noted]?: NonNullable<Noted[K]> };

export interface Papers {
  services: Map<string, ServiceEntry>;
  noted: PapersNoted;
  numbers: Map<NumberPlace, string>;
}

export const noPapers = (): Papers => ({ services: new Map(), noted: {}, numbers: new Map() });

export function notePapers(
  papers: Papers,
  entry: EntryOf<'service-noted' | 'service-removed' | 'papers-noted' | 'number-read'>,
): void {
  switch (entry.kind) {
    case 'service-noted':
      papers.services.set(entry.body.service, entry.body.entry);
      break;
    case 'service-removed':
      papers.services.delete(entry.body.service);
      break;
    case 'papers-noted': {
      const noted = { ...papers.noted } as Record<string, unknown>;
      for (const [key, value] of Object.entries(entry.body)) {
        if (value === null) delete noted[key];
        else if (value !== undefined) noted[key] = value;
      }
      papers.noted = noted;
      break;
    }
    case 'number-read':
      // An empty text takes the reading back.
      if (entry.body.text === '') papers.numbers.delete(entry.body.where);
      else papers.numbers.set(entry.body.where, entry.body.text);
      break;
    default:
      entry satisfies never;
  }
}
