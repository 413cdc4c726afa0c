export type { Caption, CaptionsRead } from './caption';
export { captionIssueWords, captionNoteWords } from './captionWords';
export { readCaptions } from './readCaptions';
export { shiftsFor } from './shifts';
export { toTalk } from './toTalk';
