/** How a tread looks to the eye, where nobody measured it. */
export const treadLooks = ['new', 'good', 'worn', 'needs-replacing'] as const;
export type TreadLook = (typeof treadLooks)[number];
export const treadLookWords: Record<TreadLook, string> = {
  new: 'looks new',
  good: 'looks good',
  worn: 'looks worn',
  'needs-replacing': 'looks as if it needs replacing',
};
