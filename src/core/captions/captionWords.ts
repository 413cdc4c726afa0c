import type { CaptionIssue, CaptionNote } from './caption';

const number = (n: number) => n.toLocaleString('en-GB');

/** Why captions were not taken, and what to do. */
export function captionIssueWords(issue: CaptionIssue): string {
  switch (issue.code) {
    case 'empty':
      return 'There is nothing in it. Choose the file of captions, or paste what was said.';
    case 'no-words':
      return 'There are no words in it, only times or sounds. Choose another file, or paste what was said.';
    case 'not-text':
      return 'This is not a text. Captions come as .vtt, .srt, .json or .txt.';
    case 'json-broken':
      return 'This JSON is cut off or damaged. Write it out again from the program it came from.';
    case 'json-unknown':
      return 'This JSON holds no captions: a list of “segments” with “start”, “end” and “text” is needed.';
    case 'too-long':
      return `It holds ${number(issue.captions)} captions; at most ${number(issue.most)} are read. Cut it to the walk of this car and take it in again.`;
    case 'too-many-words':
      return `It holds ${number(issue.words)} words; at most ${number(issue.most)} are read, some five hours of talk. Cut it to the walk of this car and take it in again.`;
  }
}

/** What was odd of captions that were taken. */
export function captionNoteWords(note: CaptionNote): string {
  switch (note.code) {
    case 'put-in-order':
      return `${number(note.count)} of them stood out of order and were put in order of time.`;
    case 'time-unreadable':
      return `The times of ${number(note.count)} of them could not be read: they are taken to follow the one before.`;
    case 'overlaps':
      return `${number(note.count)} of them begin before the one before ends, as captions that roll do.`;
    case 'no-times':
      return 'They carry no times, so no pictures of the film can be found for them.';
  }
}
