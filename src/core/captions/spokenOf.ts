const entities: Record<string, string> = { amp: '&', lt: '<', gt: '>', quot: '"', nbsp: ' ', '#39': "'" };

/** What is spoken of a line of captions: no tags, no "[music]", no marks of who speaks. */
export const spokenOf = (line: string): string =>
  line
    .replaceAll(/<[^>]*>/g, '')
    .replaceAll(/&(amp|lt|gt|quot|nbsp|#39);/g, (_, name: string) => entities[name] ?? ' ')
    .replaceAll(/\[[^\]]*\]|\([^)]*\)|♪/g, ' ')
    .replace(/^\s*(>>+|-)\s*/, '')
    .trim();
