/** A number 0..1 that looks random and is the same for the same text: invented cars stay as they are. */
export function numberFor(text: string): number {
  // FNV-1a, then a mix (from memory): near texts give far numbers.
  let hash = 0x811c9dc5;
  for (let i = 0; i < text.length; i++) hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193);
  hash ^= hash >>> 16;
  hash = Math.imul(hash, 0x85ebca6b);
  hash ^= hash >>> 13;
  hash = Math.imul(hash, 0xc2b2ae35);
  hash ^= hash >>> 16;
  return (hash >>> 0) / 2 ** 32;
}

/** Normally spread about 0, with a deviation of 1, from the same text. */
export function spreadFor(text: string): number {
  const [a, b] = [numberFor(`${text}/a`), numberFor(`${text}/b`)];
  return Math.sqrt(-2 * Math.log(1 - a)) * Math.cos(2 * Math.PI * b);
}
