export type { Caption, CaptionIssue, CaptionNote, CaptionsRead } from './caption';
export { captionIssueWords, captionNoteWords } from './captionWords';
export { MOST_CAPTIONS, readCaptions } from './readCaptions';
export { type Shift, shiftsFor } from './shifts';
export { toTalk } from './toTalk';
