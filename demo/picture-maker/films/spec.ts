import type { View } from '../spec';
import type { CarLook } from '../stage/body/car';
import type { SkyName } from '../stage/light/skies';

/** One place a film stays at, and what is said there. */
export interface Shot {
  view: View;
  /** Seconds it stays; the way to it comes before. */
  holdS: number;
  /** Captions, one after another while it stays. */
  says: readonly string[];
  /** Parts of the cabin that are to be seen: what lies outside is worked out from the camera. */
  shows?: readonly string[];
}

export interface Film {
  name: string;
  seed: number;
  sky: SkyName;
  car: CarLook;
  shots: readonly Shot[];
  /** The container it is written in, and the shape of its captions. */
  as: 'mp4' | 'webm';
  captions: 'vtt' | 'json';
  /** An engine is heard from here to there, as shots are counted. */
  engineFromShot: number;
}

export const FRAMES_PER_S = 10;
/** A step from one place to the next takes so long. */
export const STEP_S = 1.3;
/** What is said begins so long after one has come there. */
export const SPEAKS_AFTER_S = 0.3;

export interface TimedShot extends Shot {
  /** Seconds into the film: the way to it begins, one is there, one goes on. */
  leavesFor: number;
  from: number;
  to: number;
}

/** When each place of a film is shown. */
export function timesOf({ shots }: Pick<Film, 'shots'>): TimedShot[] {
  let at = 0;
  return shots.map((shot, i) => {
    const leavesFor = at;
    const from = i === 0 || isIndoors(shot) ? at : at + STEP_S;
    at = from + shot.holdS;
    return { ...shot, leavesFor, from, to: at };
  });
}

/** The cabin is a scene of its own: one cuts to it. */
export const isIndoors = ({ view }: Shot): boolean =>
  view.of === 'seat' || view.of === 'dashboard' || view.of === 'keys' || view.of === 'service-book';

export interface Caption {
  start: number;
  end: number;
  text: string;
}

/** What is said when: the time one stays is shared out by words. */
export function captionsOf(film: Pick<Film, 'shots'>): Caption[] {
  return timesOf(film).flatMap(({ from, to, says }) => {
    const words = says.map((text) => text.split(' ').length);
    const all = words.reduce((sum, count) => sum + count, 0);
    const first = from + SPEAKS_AFTER_S;
    let spoken = 0;
    return says.map((text, i) => {
      const start = first + ((to - first) * spoken) / all;
      spoken += words[i] as number;
      return { start: round(start), end: round(first + ((to - first) * spoken) / all), text };
    });
  });
}

const round = (seconds: number) => Math.round(seconds * 100) / 100;

/** What is so in a film, worked out from the path of its camera. */
export interface FilmTruth {
  name: string;
  seconds: number;
  width: number;
  height: number;
  /** Each half second: parts whose metal is in the frame and turned to the camera. */
  seen: { at: number; parts: string[] }[];
}
