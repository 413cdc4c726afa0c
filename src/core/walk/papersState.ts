import type { ServiceEntry } from '../papers';
import type { EntryOf } from './entries';
import type { NumberPlace } from './papersBodies';

type Noted = EntryOf<'papers-noted'>['body'];
export type PapersNoted = { -readonly [K in keyof Noted]?: NonNullable<Noted[K]> };

export type DatedFigure = Omit<EntryOf<'figure-noted'>['body'], 'figure'>;

export interface Papers {
  services: Map<string, ServiceEntry>;
  noted: PapersNoted;
  numbers: Map<NumberPlace, string>;
  /** Odometer figures of certificates and dated photos, by id. */
  figures: Map<string, DatedFigure>;
}

export const noPapers = (): Papers => ({
  services: new Map(),
  noted: {},
  numbers: new Map(),
  figures: new Map(),
});

export function notePapers(
  papers: Papers,
  entry: EntryOf<
    'service-noted' | 'service-removed' | 'papers-noted' | 'number-read' | 'figure-noted' | 'figure-removed'
  >,
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
    case 'figure-noted': {
      const { figure, ...dated } = entry.body;
      papers.figures.set(figure, dated);
      break;
    }
    case 'figure-removed':
      papers.figures.delete(entry.body.figure);
      break;
    case 'number-read':
      // An empty text takes the reading back.
      if (entry.body.text === '') papers.numbers.delete(entry.body.where);
      else papers.numbers.set(entry.body.where, entry.body.text);
      break;
    default:
      entry satisfies never;
  }
}
