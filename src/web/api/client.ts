import type { z } from 'zod';
import { receivedSchema } from '#core/api';
import { RefusedError, request } from './answers';

export { RefusedError, UnreachableError } from './answers';

export async function getJson<S extends z.ZodType>(path: string, schema: S): Promise<z.output<S>> {
  return schema.parse(await request(path, {}));
}

export async function sendJson<S extends z.ZodType>(
  method: 'POST' | 'PUT' | 'DELETE',
  path: string,
  body: unknown,
  schema: S,
): Promise<z.output<S>> {
  const init = { method, headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(body) };
  return schema.parse(await request(path, init));
}

/** Sends a file as it is. */
export async function sendFile<S extends z.ZodType>(
  path: string,
  file: Blob,
  type: string,
  schema: S,
): Promise<z.output<S>> {
  return schema.parse(await request(path, { method: 'POST', headers: { 'Content-Type': type }, body: file }));
}

/** Sends a file to the place named by its content; repeating it is harmless. */
export async function putFile<S extends z.ZodType>(
  path: string,
  file: Blob,
  schema: S,
): Promise<z.output<S>> {
  const headers = { 'Content-Type': file.type || 'application/octet-stream' };
  return schema.parse(await request(path, { method: 'PUT', headers, body: file }));
}

/** Below this, asking what is there costs as much as sending it again. */
const WORTH_ASKING = 512 * 1024;

/** Sends a photo, or the rest of it when an earlier try was cut. */
export const putPhoto = (sha256: string, photo: Blob): Promise<void> =>
  putWhole(`/api/photos/${sha256}`, photo);

/** Sends a sound or video likewise. */
export const putRecording = (sha256: string, recording: Blob): Promise<void> =>
  putWhole(`/api/recordings/${sha256}`, recording);

async function putWhole(path: string, photo: Blob): Promise<void> {
  const from = photo.size > WORTH_ASKING ? (await getJson(`${path}/received`, receivedSchema)).bytes : 0;
  const put = (address: string, body: Blob) =>
    request(address, {
      method: 'PUT',
      headers: { 'Content-Type': photo.type || 'application/octet-stream' },
      body,
    });
  if (from === 0 || from >= photo.size) await put(path, photo);
  else
    await put(`${path}?from=${from}`, photo.slice(from, photo.size, photo.type)).catch((error) => {
      // Another device went on with it meanwhile.
      if (error instanceof RefusedError && error.problem.status === 409) return put(path, photo);
      throw error;
    });
}
