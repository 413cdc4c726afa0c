import type { Appended } from '#core/api';
import { putPhoto, putRecording, RefusedError, sendJson } from '../api/client';
import type { Courier } from './outbox';

/** Reaches the server over HTTP. */
export const httpCourier: Courier = {
  async postEntries(walk, entries) {
    try {
      await sendJson<Appended>('POST', `/api/walks/${walk}/entries`, { entries });
      return { refused: new Map() };
    } catch (error) {
      if (!(error instanceof RefusedError)) throw error;
      const { errors = [], detail } = error.problem;
      const named = errors.flatMap((part) => (part.entry ? [[part.entry, part.detail] as const] : []));
      // A refusal that names no entry is about all of them.
      return {
        refused: new Map(named.length > 0 ? named : entries.map((entry) => [entry.id, detail] as const)),
      };
    }
  },
  putPhoto: (sha256, blob) => refusalOf(putPhoto(sha256, blob)),
  putRecording: (sha256, blob) => refusalOf(putRecording(sha256, blob)),
};

async function refusalOf(sending: Promise<void>): Promise<{ refusal?: string }> {
  try {
    await sending;
    return {};
  } catch (error) {
    if (error instanceof RefusedError) return { refusal: error.message };
    throw error;
  }
}
