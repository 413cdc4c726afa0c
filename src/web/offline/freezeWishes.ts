const KEY = 'zelk.freeze';

/** A report somebody wanted frozen where there was no signal. */
export interface FreezeWish {
  walk: string;
  stockNumber: string;
}

const read = (): FreezeWish[] => {
  try {
    return JSON.parse(localStorage.getItem(KEY) ?? '[]') as FreezeWish[];
  } catch {
    return [];
  }
};

function write(wishes: readonly FreezeWish[]): void {
  try {
    localStorage.setItem(KEY, JSON.stringify(wishes));
  } catch {
    // Storage that is refused or full: the page itself still says it.
  }
}

/** What waits to be frozen, remembered until it is done or no longer wanted. */
export const freezeWishes = {
  all: read,
  add: (wish: FreezeWish): void => write([...read().filter(({ walk }) => walk !== wish.walk), wish]),
  drop: (walk: string): void => write(read().filter((wish) => wish.walk !== walk)),
};
