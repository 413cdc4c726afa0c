import type { FileOnDisk, PhotoFiles } from '../../src/server/photos/photoFiles';

/** Every file that stands for a photo or recording. */
export async function filesOnDisk(files: PhotoFiles): Promise<FileOnDisk[]> {
  const found: FileOnDisk[] = [];
  for await (const shelf of files.shelves()) found.push(...shelf);
  return found;
}
