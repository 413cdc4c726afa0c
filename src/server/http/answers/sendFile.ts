import type { Response } from 'express';

/** Sends a stored file under the headers already set. Who turned the page before it came wants it no more: no failure. */
export function sendFile(response: Response, path: string): Promise<void> {
  return new Promise((resolve, reject) => {
    response.sendFile(path, { etag: false, lastModified: false, cacheControl: false }, (error) =>
      error && !isAborted(error) ? reject(error) : resolve(),
    );
  });
}

const isAborted = (error: Error): boolean => (error as { code?: unknown }).code === 'ECONNABORTED';
