import { readdirSync } from 'node:fs';
import { type Draft, readTalk } from '#core/speech';
import { type Label, readTalkFile, type Talk } from './corpus';

/** Kinds that a fair reader would call by either name: a scrape is a scuff or a scratch, a crease is a dent with an edge. */
const alike: readonly (readonly string[])[] = [
  ['scuff', 'scratch'],
  ['dent', 'crease', 'ripple'],
  ['peel', 'paint-loss'],
  ['broken', 'lamp-crack', 'wheel-bent', 'glass-crack'],
  ['wear', 'worn', 'shiny', 'cover-crack'],
  ['peel', 'wear'],
  ['respray-sign', 'old-repair'],
  ['tear', 'split', 'worn'],
  ['edge-nick', 'paint-loss'],
  ['haze', 'moisture'],
  ['haze', 'bloom', 'peel'],
];
export const isAlike = (a: string | undefined, b: string | undefined): boolean =>
  a === b || alike.some((kinds) => kinds.includes(a ?? '') && kinds.includes(b ?? ''));

interface Counted {
  right: number;
  drafted: number;
  labelled: number;
}

/** What a statement says that is compared: its kind, and the words that must agree. */
const saidOf = (label: Label): string[] => {
  const [a = '', b = '', c = ''] = label.rest;
  switch (label.is) {
    case 'tread':
    case 'paint':
      return [a, b.replace(/^(\d[\d.]*)$/, '$1-$1'), c];
    case 'odometer':
      return [a];
    default:
      return label.rest.slice(0, 2);
  }
};

const draftSays = (draft: Draft): { is: string; says: string[] } | undefined => {
  switch (draft.is) {
    case 'finding':
      return { is: 'finding', says: [draft.part ?? '?', draft.kind ?? '?'] };
    case 'clear':
      return { is: 'clear', says: [draft.part ?? '?'] };
    case 'tread':
      return {
        is: 'tread',
        says: [draft.part, `${draft.low}-${draft.high}`, draft.unit === 'mm' ? 'mm' : '32'],
      };
    case 'paint':
      return { is: 'paint', says: [draft.part, `${draft.low}-${draft.high}`, draft.unit] };
    case 'function':
      return { is: 'function', says: [draft.function, draft.works ? 'works' : 'faulty'] };
    case 'lamp':
      return { is: 'lamps', says: [draft.lamp] };
    case 'no-lamps':
      return { is: 'lamps', says: ['none'] };
    case 'item':
      return { is: 'item', says: [draft.item, draft.there ? 'there' : 'missing'] };
    case 'equipment':
    case 'story':
    case 'condition':
    case 'smell':
      return undefined;
    case 'figure':
      return { is: draft.of, says: [String(draft.value)] };
  }
};

export interface Scored {
  counts: Map<string, Counted>;
  sidesWrong: number;
  deniedDrafted: string[];
  asked: number;
  missed: string[];
  wrong: string[];
}

/** Holds drafts of a talk against its labels. Each draft answers one label at most. */
export function scoreTalk(talk: Talk): Scored {
  const drafts = readTalk(
    talk.lines.map((text, i) => ({ text, ...(talk.isOn && i > 0 && { isOn: true as const }) })),
    talk,
  );
  const counts = new Map<string, Counted>();
  const count = (is: string) => {
    const here = counts.get(is) ?? { right: 0, drafted: 0, labelled: 0 };
    counts.set(is, here);
    return here;
  };
  const open = talk.labels.filter(({ is }) => is !== 'denied');
  for (const { is } of open) count(is).labelled++;
  const denied = talk.labels.filter(({ is }) => is === 'denied');
  const scored: Scored = { counts, sidesWrong: 0, deniedDrafted: [], asked: 0, missed: [], wrong: [] };
  const left = [...open];
  const take = (fits: (label: Label) => boolean) => {
    const at = left.findIndex(fits);
    return at < 0 ? undefined : left.splice(at, 1)[0];
  };
  const unfit: { is: string; says: string[]; text: string }[] = [];
  for (const draft of drafts) {
    const told = draftSays(draft);
    if (!told) continue;
    if ('questions' in draft && draft.questions.length > 0) {
      scored.asked++;
      continue;
    }
    count(told.is).drafted++;
    const exact = take(
      ({ is, rest, text }) => is === told.is && saidOf({ is, rest, text }).join(' ') === told.says.join(' '),
    );
    if (exact) count(told.is).right++;
    else unfit.push({ ...told, text: draft.text });
  }
  for (const { is, says, text } of unfit) {
    const [part = '', kind = ''] = says;
    const near =
      is === 'finding' &&
      take((label) => label.is === 'finding' && label.rest[0] === part && isAlike(label.rest[1], kind));
    if (near) {
      count(is).right++;
      continue;
    }
    const other = part.replace(/([lr])$/, (hand) => (hand === 'l' ? 'r' : 'l'));
    if (
      is === 'finding' &&
      left.some((label) => label.is === is && label.rest[0] === other && isAlike(label.rest[1], kind))
    )
      scored.sidesWrong++;
    if (is === 'finding' && denied.some(({ rest }) => rest[0] === part && isAlike(rest[1], kind)))
      scored.deniedDrafted.push(`${talk.name}: ${says.join(' ')}`);
    scored.wrong.push(`${talk.name}: ${is} ${says.join(' ')} (“${text}”)`);
  }
  scored.missed = left.map(({ text }) => `${talk.name}: ${text}`);
  return scored;
}

/** All talks of a folder together. */
export function scoreFolder(folder: 'build' | 'held'): Scored {
  const all: Scored = {
    counts: new Map(),
    sidesWrong: 0,
    deniedDrafted: [],
    asked: 0,
    missed: [],
    wrong: [],
  };
  for (const file of readdirSync(`tests/speech/${folder}`).sort()) {
    const scored = scoreTalk(readTalkFile(folder, file));
    for (const [is, { right, drafted, labelled }] of scored.counts) {
      const here = all.counts.get(is) ?? { right: 0, drafted: 0, labelled: 0 };
      all.counts.set(is, {
        right: here.right + right,
        drafted: here.drafted + drafted,
        labelled: here.labelled + labelled,
      });
    }
    all.sidesWrong += scored.sidesWrong;
    all.asked += scored.asked;
    all.deniedDrafted.push(...scored.deniedDrafted);
    all.missed.push(...scored.missed);
    all.wrong.push(...scored.wrong);
  }
  return all;
}

export const f1 = ({ right, drafted, labelled }: Counted) => ({
  precision: drafted === 0 ? 0 : right / drafted,
  recall: labelled === 0 ? 0 : right / labelled,
  f1: drafted + labelled === 0 ? 0 : (2 * right) / (drafted + labelled),
});

/** A draft in the words of the labels. */
export function toldOf(draft: Draft): string[] {
  const told = draftSays(draft);
  return told ? [`${told.is} ${told.says.join(' ')}`] : [];
}
