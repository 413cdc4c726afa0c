/** What a file is chosen from: HEIC is shown too, so that one who has nothing else is told what to do instead of finding an empty folder. */
export const PHOTO_ACCEPT = 'image/jpeg,image/png,image/webp,image/heic,image/heif';

const LIMIT = 40 * 1024 * 1024;

const isHeic = (head: Uint8Array): boolean => {
  const text = String.fromCharCode(...head);
  return text.slice(4, 8) === 'ftyp' && /^(hei|hev|mif1|msf1)/.test(text.slice(8, 12));
};
const isReadable = (head: Uint8Array): boolean =>
  (head[0] === 0xff && head[1] === 0xd8) ||
  (head[0] === 0x89 && head[1] === 0x50) ||
  (head[8] === 0x57 && head[9] === 0x45 && head[10] === 0x42);

/**
 * Why a file cannot be taken, in words that say what to do; undefined when it can. By its first bytes: what a name or a type says of a file is
 * not always so.
 */
export async function photoProblem(file: Blob, name: string): Promise<string | undefined> {
  if (file.size === 0) return `${name} is empty. Choose the file again.`;
  if (file.size > LIMIT) return `${name} has more than 40 MB. Set the camera to a smaller size.`;
  const head = new Uint8Array(await file.slice(0, 12).arrayBuffer());
  if (isHeic(head) || /heic|heif/i.test(file.type))
    return `${name} is a HEIC photo, which cannot be read. Set the camera to “most compatible” (JPEG), or send the photo as JPEG.`;
  return isReadable(head) ? undefined : `${name} is no JPEG, PNG or WebP; it was left out.`;
}
