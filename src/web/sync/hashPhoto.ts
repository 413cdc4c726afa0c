/** Larger files are not read into memory as a whole. */
const LARGE_BYTES = 48 * 1024 * 1024;

/** SHA-256 of a file in hexadecimal: the name a photo, a sound or a film goes by. Rejects when the file cannot be read any more. */
export async function hashPhoto(file: Blob): Promise<string> {
  if (file.size > LARGE_BYTES) return hashAside(file);
  const digest = await crypto.subtle.digest('SHA-256', await file.arrayBuffer());
  return Array.from(new Uint8Array(digest), (byte) => byte.toString(16).padStart(2, '0')).join('');
}

function hashAside(file: Blob): Promise<string> {
  const worker = new Worker(new URL('./hash.worker.ts', import.meta.url), { type: 'module' });
  return new Promise<string>((resolve, reject) => {
    worker.onmessage = ({ data }: MessageEvent<{ sha256?: string; error?: string }>) =>
      data.sha256 ? resolve(data.sha256) : reject(new Error(data.error));
    worker.onerror = ({ message }) => reject(new Error(message));
    worker.postMessage(file);
  }).finally(() => worker.terminate());
}
