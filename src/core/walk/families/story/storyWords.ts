/** What a fact of the car's story is about. */
export const storyAbout = ['came-in', 'used-for', 'keepers', 'work-done', 'at-home', 'other'] as const;
export type StoryAbout = (typeof storyAbout)[number];
export const storyNames: Record<StoryAbout, string> = {
  'came-in': 'How it came in',
  'used-for': 'What it was used for',
  keepers: 'Keepers',
  'work-done': 'Work done before the walk',
  'at-home': 'What we would do if it were ours',
  other: 'More of its story',
};

/** Where a fact comes from: somebody said so, it was seen here, or a paper proves it. */
export const storySources = ['said', 'seen', 'proven'] as const;
export type StorySource = (typeof storySources)[number];

/** What a drive is told by, a line each. */
export const driveGroups = [
  'engine',
  'gearbox',
  'clutch',
  'steering',
  'brakes',
  'suspension',
  'noises',
] as const;
export type DriveGroup = (typeof driveGroups)[number];
export const driveGroupNames: Record<DriveGroup, string> = {
  engine: 'Engine',
  gearbox: 'Gearbox',
  clutch: 'Clutch',
  steering: 'Steering',
  brakes: 'Brakes',
  suspension: 'Suspension',
  noises: 'Noises',
};
