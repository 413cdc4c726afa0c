export { type AgainstWalk, againstWalk, againstWalkWords } from './againstWalk';
export { draftKey } from './draftKey';
export { type FilmDraft, readFilm, standingOf } from './filmDrafts';
export { captionFacts } from './filmFacts';
export { bestFrame, frameTimes, type JudgedFrame } from './frameTimes';
