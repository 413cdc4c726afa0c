import type { Caption } from '#core/captions';
import type { Piece } from '../../../listening/listener';

/** Gathers what is heard while a film is made into captions with the seconds of the film. */
export class HeardWhile {
  readonly captions: Caption[] = [];
  #began: number | undefined;

  /** A piece of what was heard, at this second of the film. Tells the words that may still change. */
  hear({ text, isFinal }: Piece, atS: number): string {
    if (text === '') return '';
    this.#began ??= atS;
    if (!isFinal) return text;
    this.captions.push({ text, startS: round(this.#began), endS: round(Math.max(atS, this.#began)) });
    this.#began = undefined;
    return '';
  }
}

const round = (seconds: number) => Math.round(Math.max(0, seconds) * 100) / 100;
