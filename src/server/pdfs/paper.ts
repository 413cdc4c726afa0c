export const papers = ['a4', 'letter'] as const;
export type Paper = (typeof papers)[number];
