import type { z } from 'zod';
import type { ServiceEntry } from '../../../papers';
import type { Noters } from '../noters';
import type { papersBodies } from './bodies';
import type { NumberPlace } from './paperStates';

type Body<K extends keyof typeof papersBodies> = z.output<(typeof papersBodies)[K]>;
type Noted = Body<'papers-noted'>;
export type PapersNoted = { -readonly [K in keyof Noted]?: NonNullable<Noted[K]> };

export type DatedFigure = Omit<Body<'figure-noted'>, 'figure'>;

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

export const papersNoters: Noters<Papers, typeof papersBodies> = {
  'service-noted': ({ services }, { body }) => {
    services.set(body.service, body.entry);
  },
  'service-removed': ({ services }, { body }) => {
    services.delete(body.service);
  },
  'papers-noted': (papers, { body }) => {
    const noted = { ...papers.noted } as Record<string, unknown>;
    for (const [key, value] of Object.entries(body)) {
      if (value === null) delete noted[key];
      else if (value !== undefined) noted[key] = value;
    }
    papers.noted = noted;
  },
  'number-read': ({ numbers }, { body: { where, text } }) => {
    // An empty text takes the reading back.
    if (text === '') numbers.delete(where);
    else numbers.set(where, text);
  },
  'figure-noted': ({ figures }, { body: { figure, ...dated } }) => {
    figures.set(figure, dated);
  },
  'figure-removed': ({ figures }, { body }) => {
    figures.delete(body.figure);
  },
};
