export { againstWalk, againstWalkWords } from './againstWalk';
export { type FilmDraft, readFilm, standingOf } from './filmDrafts';
export { captionFacts } from './filmFacts';
export { bestFrame, frameTimes, type JudgedFrame } from './frameTimes';
export { withoutDraft } from './withoutDraft';
