import type { PartId } from '#core/car';
import type { Fact, PhotoRole, WalkState } from '#core/walk';
import type { FilmFrame } from './pictureList';

export interface Place {
  role: PhotoRole;
  part: PartId | undefined;
  finding: string | undefined;
}

/** Puts a picture there, in place of where it was. */
export function placeFacts(
  state: WalkState,
  { sha256 }: Pick<FilmFrame, 'sha256'>,
  { role, part, finding }: Place,
): Fact[] {
  const before = state.photos.filter((photo) => photo.sha256 === sha256);
  const isWhole = role === 'whole-car';
  return [
    ...before.map(({ entry }): Fact => ({ kind: 'undone', body: { entry } })),
    {
      kind: 'photo-attached',
      body: {
        photo: sha256,
        role,
        ...(part && !isWhole && { part }),
        ...(finding && !isWhole && { finding }),
      },
    },
  ];
}

/** Puts a picture on a finding: its close-up first, then where it is; once it is put right, how it is now. */
export function placeOnFinding(state: WalkState, frame: Pick<FilmFrame, 'sha256'>, finding: string): Fact[] {
  const found = state.findings.find(({ id }) => id === finding);
  if (!found) return [];
  const has = (role: PhotoRole) =>
    state.photos.some((photo) => photo.finding === finding && photo.role === role);
  const role = found.standing.status === 'put-right' ? 'after' : has('what') ? 'where' : 'what';
  return placeFacts(state, frame, { part: found.part, finding, role });
}

/** All proposals at once, as they stand. */
export const acceptFacts = (state: WalkState, frames: readonly FilmFrame[]): Fact[] =>
  frames.flatMap((frame) => (frame.proposal ? placeFacts(state, frame, placeOf(frame.proposal)) : []));

const placeOf = ({ role, part, finding }: { role: PhotoRole; part: PartId; finding?: string }): Place => ({
  role,
  part,
  finding,
});

export const setAsideFacts = (sha256: string): Fact[] => [
  { kind: 'photo-set-aside', body: { photo: sha256 } },
];
