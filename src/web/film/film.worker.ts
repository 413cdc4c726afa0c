import { type CaptionsRead, readCaptions } from '#core/captions';
import type { SideSpeech } from '#core/car';
import { styleOf } from '#core/car';
import { bestFrame, frameTimes, readFilm, withoutDraft } from '#core/filmed';
import type { Draft, TaughtWord } from '#core/speech';
import { asBuilt, captionsOf, type FilmCaption, type WalkFilm, type WalkState } from '#core/walk';
import { type Cut, cutFilm } from './cutFilm';
import { FilmFile, type FilmTold, type PulledFrame } from './filmFile';
import { readTextFile } from './readTextFile';

/** The car a talk is about, in what may cross to a worker. */
export interface TalkedCar {
  style: Parameters<typeof styleOf>[0];
  built: Pick<WalkState, 'materials' | 'metals' | 'film'>;
  speech: SideSpeech;
  taught: readonly TaughtWord[];
}

export type FilmTask =
  | { id: number; do: 'open'; from: Blob | string }
  | { id: number; do: 'best'; atS: number }
  | { id: number; do: 'one'; atS: number }
  | { id: number; do: 'cut'; cut: Cut }
  | { id: number; do: 'captions'; from: Blob | string }
  | { id: number; do: 'drafts'; film: Pick<WalkFilm, 'talk' | 'shiftS'>; car: TalkedCar };

export interface FilmAnswer {
  id: number;
  opened?: FilmTold;
  frame?: PulledFrame;
  captions?: CaptionsRead;
  drafts?: Draft[];
  /** What was said and led to none of them. */
  passedOver?: FilmCaption[];
  clip?: Blob;
  failed?: string;
}

let film: FilmFile | undefined;
let from: Blob | string | undefined;
let seconds = 0;

/** Films are taken apart and long talks read off the thread that answers fingers. */
self.onmessage = async ({ data: task }: MessageEvent<FilmTask>) => {
  const answer = await run(task).catch((error): Omit<FilmAnswer, 'id'> => ({ failed: String(error) }));
  self.postMessage({ id: task.id, ...answer } satisfies FilmAnswer);
};

async function run(task: FilmTask): Promise<Omit<FilmAnswer, 'id'>> {
  switch (task.do) {
    case 'open': {
      film?.close();
      from = typeof task.from === 'string' ? new URL(task.from, self.location.origin).href : task.from;
      film = new FilmFile(from);
      const opened = await film.open();
      seconds = opened.seconds;
      return { opened };
    }
    case 'best': {
      const times = frameTimes(task.atS, seconds);
      const frame = await film?.pull(times, (judged) => bestFrame(judged, task.atS));
      return frame ? { frame } : {};
    }
    case 'one': {
      const frame = await film?.pull([task.atS], ([only]) => only);
      return frame ? { frame } : {};
    }
    case 'cut':
      return from ? { clip: await cutFilm(from, task.cut) } : {};
    case 'captions':
      return {
        captions: await readCaptions(
          typeof task.from === 'string' ? task.from : await readTextFile(task.from),
        ),
      };
    case 'drafts': {
      const { style, built, speech, taught } = task.car;
      const drafts = readFilm(task.film, {
        style: asBuilt(styleOf(style), built),
        speech,
        taught: [...taught],
      });
      return { drafts, passedOver: withoutDraft(captionsOf(task.film) ?? [], drafts) };
    }
  }
}
