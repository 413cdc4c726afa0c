export { type Draft, type SpokenFile, spokenFileSchema } from './drafts';
export { factOf } from './factsOf';
export { LiveTalk } from './liveTalk';
export { readCaptions } from './readCaptions';
export { readTalk } from './readTalk';
export type { TalkLine } from './words';
