/** What a person of the yard is here to do, from who may least to who may most. */
export const roles = ['walk', 'workshop', 'manager', 'owner'] as const;
export type Role = (typeof roles)[number];

export const roleNames: Record<Role, { name: string; does: string }> = {
  walk: { name: 'Walk', does: 'walks cars, sends reports and answers buyers' },
  workshop: { name: 'Workshop', does: 'sees the cars, says what was put right and takes pictures of it' },
  manager: {
    name: 'Manager',
    does: 'walks and sends too, and looks after the yard’s people, settings and data',
  },
  owner: { name: 'Owner', does: 'does everything, and says who else is an owner' },
};

/** Things somebody may or may not do; each route of the server names one. */
export const acts = [
  /** Sees cars, walks, pictures and reports. */
  'look',
  /** Adds cars and walks them. */
  'walk',
  /** Reports a job done. */
  'work',
  /** Sees what work costs, and plans what is put right. */
  'plan',
  /** Freezes reports, makes links, answers buyers, hands out what is meant for them. */
  'send',
  /** Settings of the yard, data from elsewhere, what the server keeps. */
  'manage',
  /** Invites and dismisses people, signs out their devices, reads who did what. */
  'people',
  /** Makes owners, and takes that away. */
  'owners',
] as const;
export type Act = (typeof acts)[number];

const may: Record<Role, readonly Act[]> = {
  walk: ['look', 'walk', 'work', 'plan', 'send'],
  workshop: ['look', 'work'],
  manager: ['look', 'walk', 'work', 'plan', 'send', 'manage', 'people'],
  owner: acts,
};

/** Whether who has this role may do this. House rule. */
export const mayDo = (role: Role, act: Act): boolean => may[role].includes(act);

/** Everything a role may do, in the order of `acts`. */
export const actsOf = (role: Role): readonly Act[] => may[role];

/** Whether somebody may give or take a role: managers look after those who walk and work, owners after everybody. */
export const mayAppoint = (role: Role, to: Role): boolean =>
  mayDo(role, 'owners') || (mayDo(role, 'people') && !mayDo(to, 'people'));
