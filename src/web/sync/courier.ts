import type { Appended } from '#core/api';
import type { Car } from '#core/car';
import { NoAnswerError, UnreachableError } from '../api/answers';
import { putPhoto, putRecording, RefusedError, sendJson } from '../api/client';
import type { Courier } from './outbox';

/** Reaches the server over HTTP. */
export const httpCourier: Courier = {
  postCar: ({ id, details }) =>
    refusalOf(async () => {
      const saved = await sendJson<Car>('POST', '/api/cars', { id, details });
      // It was there from an earlier try, and was changed here since.
      const isChanged = Object.entries(details).some(
        ([name, value]) => JSON.stringify(saved[name as keyof Car]) !== JSON.stringify(value),
      );
      if (isChanged) await sendJson<Car>('PUT', `/api/cars/${id}`, details);
    }),
  postLook: ({ id, look, isTakenBack }) =>
    refusalOf(async () => {
      // What was taken back before it was sent is sent first, so that the server knows what is taken back.
      await sendJson<unknown>('POST', '/api/mornings', { looks: [look] });
      if (isTakenBack) await sendJson<unknown>('DELETE', `/api/mornings/${id}`, {});
    }),
  async postEntries(walk, entries) {
    try {
      await waiting(sendJson<Appended>('POST', `/api/walks/${walk}/entries`, { entries }));
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
  putPhoto: (sha256, blob) => refusalOf(() => putPhoto(sha256, blob)),
  putRecording: (sha256, blob, as) => refusalOf(() => putRecording(sha256, blob, as)),
};

/** What the outbox sends is kept until it is through: that no answer came loses nothing. */
const waiting = <T>(sending: Promise<T>): Promise<T> =>
  sending.catch((error) => {
    if (error instanceof NoAnswerError)
      throw new UnreachableError(
        'Zelk’s server cannot be reached. What you do is kept on this device and sent later.',
      );
    throw error;
  });

async function refusalOf(send: () => Promise<void>): Promise<{ refusal?: string }> {
  try {
    await waiting(send());
    return {};
  } catch (error) {
    if (error instanceof RefusedError) return { refusal: error.message };
    throw error;
  }
}
