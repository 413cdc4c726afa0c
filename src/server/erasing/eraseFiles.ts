import type { Context } from '../context';
import { discard } from '../photos/photoFiles';

/** Removes an original, its copies, and those with something drawn on them. */
export async function eraseFiles(
  { stores, files, pdfs }: Pick<Context, 'stores' | 'files' | 'pdfs'>,
  hash: string,
): Promise<void> {
  const places = [
    files.original(hash),
    files.derivative(hash, 320),
    files.derivative(hash, 1600),
    files.recording(hash),
    ...stores.files.burnedOf(hash).map((place) => files.at(place)),
  ];
  for (const path of places) {
    files.clearFolder(path);
    await discard(path);
    stores.files.forget(files.relative(path));
  }
  await discard(files.part(hash));
  await pdfs.forget();
}
