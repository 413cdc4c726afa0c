import type { EntryKind } from '../walk';
import { mayDo, type Role } from './roles';

/** What tells of a job done: that it was put right, and pictures of it. */
const ofWork: ReadonlySet<EntryKind> = new Set(['put-right', 'photo-attached', 'undone']);

/** Whether somebody may write an entry of this kind: who walks any, the workshop what tells of its jobs. */
export const mayNote = (role: Role, kind: EntryKind): boolean =>
  mayDo(role, 'walk') || (mayDo(role, 'work') && ofWork.has(kind));
