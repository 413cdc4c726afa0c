import type { Received } from '#core/api';
import { RefusedError, request } from './answers';

export { RefusedError, UnreachableError } from './answers';

/*
 * Answers are taken as the type says. The server declares a shape for each and its tests hold every answer against it; to check them once more
 * here would make each phone build all shapes before its first screen.
 */

export const getJson = async <T>(path: string): Promise<T> => (await request(path, {})) as T;

export async function sendJson<T>(
  method: 'POST' | 'PUT' | 'DELETE',
  path: string,
  body: unknown,
): Promise<T> {
  const init = { method, headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(body) };
  return (await request(path, init)) as T;
}

/** Sends a file as it is. */
export const sendFile = async <T>(path: string, file: Blob, type: string): Promise<T> =>
  (await request(path, { method: 'POST', headers: { 'Content-Type': type }, body: file })) as T;

/** Sends a file to the place named by its content; repeating it is harmless. */
export async function putFile<T>(path: string, file: Blob): Promise<T> {
  const headers = { 'Content-Type': file.type || 'application/octet-stream' };
  return (await request(path, { method: 'PUT', headers, body: file })) as T;
}

/** Below this, asking what is there costs as much as sending it again. */
const WORTH_ASKING = 512 * 1024;

/** Sends a photo, or the rest of it when an earlier try was cut. */
export const putPhoto = (sha256: string, photo: Blob): Promise<void> =>
  putWhole(`/api/photos/${sha256}`, photo);

/** Sends a sound or video likewise; a film of a walk may be longer and larger. */
export const putRecording = (
  sha256: string,
  recording: Blob,
  as: 'recording' | 'film' = 'recording',
): Promise<void> => putWhole(`/api/recordings/${sha256}`, recording, as === 'film' ? '&as=film' : '');

async function putWhole(path: string, photo: Blob, as = ''): Promise<void> {
  const whole = as === '' ? path : `${path}?from=0${as}`;
  const from = photo.size > WORTH_ASKING ? (await getJson<Received>(`${path}/received`)).bytes : 0;
  const put = (address: string, body: Blob) =>
    request(address, {
      method: 'PUT',
      headers: { 'Content-Type': photo.type || 'application/octet-stream' },
      body,
    });
  if (from === 0 || from >= photo.size) await put(whole, photo);
  else
    await put(`${path}?from=${from}${as}`, photo.slice(from, photo.size, photo.type)).catch((error) => {
      // Another device went on with it meanwhile.
      if (error instanceof RefusedError && error.problem.status === 409) return put(whole, photo);
      throw error;
    });
}
