import type { PartStatus } from '#core/walk';

/** Fill of a part on the map. Every meaning has a mark or a strip besides its colour. */
export const partFill: Record<PartStatus, string> = {
  'not-looked-at': 'fill-sheet',
  clear: 'fill-clear',
  'looked-at': 'fill-clear',
  findings: 'fill-tape-pale',
  'not-seen': 'fill-[url(#not-seen)]',
  'second-look': 'fill-tape-pale',
};

export const statusWords: Record<PartStatus, string> = {
  'not-looked-at': 'not looked at',
  clear: 'clear',
  'looked-at': 'looked at',
  findings: 'has findings',
  'not-seen': 'could not be seen',
  'second-look': 'second look wanted',
};
