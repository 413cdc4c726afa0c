import { isPlain } from './isPlain';
import { readMessage } from './readMessage';
import { type Filled, type FillIn, type Speaker, speakerOf } from './speaker';

/** Messages of one language by their ids, in ICU MessageFormat. */
export interface Catalogue {
  /** BCP 47: figures and plurals go by it. */
  locale: string;
  /** By this one days are written and lists joined. */
  conventions: string;
  /** Between texts in a row. */
  joints: Readonly<Record<'comma' | 'semicolon' | 'inTurn' | 'sentences', string>>;
  messages: Readonly<Record<string, Source>>;
}

/** As it is written, or as the build has made a function of it for a page. */
export type Source = string | ((values: Filled, speaker: Speaker) => string);

/** The words of one room: all in UK English, and in US English where that differs. */
export interface Words {
  uk: Readonly<Record<string, Source>>;
  us: Readonly<Record<string, Source>>;
}

const english = { comma: ', ', semicolon: '; ', inTurn: ', then ', sentences: ' ' } as const;

/** What rooms have words for, as the two catalogues of English. */
export function englishOf(...rooms: readonly Words[]): Readonly<Record<'uk' | 'us', Catalogue>> {
  // Reports for the US write days as the rest of the page does.
  const shared = { conventions: 'en-GB', joints: english };
  const british = once(() => Object.assign({}, ...rooms.map((room) => room.uk)));
  const uk = once(() => ({ locale: 'en-GB', messages: british(), ...shared }));
  const us = once(() => ({
    locale: 'en-US',
    messages: Object.assign({}, british(), ...rooms.map((room) => room.us)),
    ...shared,
  }));
  return {
    get uk() {
      return uk();
    },
    get us() {
      return us();
    },
  };
}

/** Worked out when it is first asked for: a page that shows none of it does not pay for it. */
function once<T>(make: () => T): () => T {
  let made: T | undefined;
  return () => {
    made ??= make();
    return made;
  };
}

/** Names out of tables, as they stand within a sentence: the id of a message and its UK and US words. */
export function namesAs(
  prefix: string,
  names: Iterable<readonly [id: string, uk: string, us?: string | undefined]>,
): Words {
  const uk: Record<string, string> = {};
  const us: Record<string, string> = {};
  for (const [id, british, american = british] of names) {
    uk[`${prefix}.${id}`] = british;
    if (american !== british) us[`${prefix}.${id}`] = american;
  }
  return { uk, us };
}

const ready = new WeakMap<Catalogue, Map<string, FillIn>>();

/** A message of a catalogue, ready to be filled in. Throws where the catalogue has none. */
export function messageOf(catalogue: Catalogue, id: string): FillIn {
  const here = ready.get(catalogue) ?? new Map<string, FillIn>();
  ready.set(catalogue, here);
  const message = here.get(id) ?? made(catalogue, id);
  here.set(id, message);
  return message;
}

function made({ locale, messages }: Catalogue, id: string): FillIn {
  const source = messages[id];
  if (source === undefined) throw new Error(`The catalogue of ${locale} has no message ${id}.`);
  // Names are most of what is told, and have nothing to fill in.
  if (typeof source === 'string') return isPlain(source) ? () => source : readMessage(source, locale);
  const speaker = speakerOf(locale);
  return (values) => source(values, speaker);
}
