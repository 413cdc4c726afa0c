import type { SpeechContext } from './context';
import type { Draft } from './drafts';
import { finish } from './finish';
import { endTalk, hear } from './hear';
import { type Lexicon, lexiconOf } from './lexicon/lexicon';
import { type Phrase, phrasesOf } from './phrases';
import { withSoftBreaks } from './softBreaks';
import { Talk } from './talk';
import { type Break, type TalkLine, type TalkWord, talkWords } from './words';

/** So many words behind a sentence it cannot be read otherwise any more. */
const SETTLED_BEHIND = 30;

/** Talk that is heard bit by bit, as it is spoken: a word more is read with the last sentences only, and comes to the same drafts as all of it together. */
export class LiveTalk {
  private words: TalkWord[] = [];
  /** All that is settled: phrases, and what they came to. */
  private phrases: Phrase[] = [];
  private readonly lexicon: Lexicon;
  private settled: Talk;
  /** What was heard before the first phrase that is not settled. */
  private next: Break = 'stop';

  constructor(private readonly context: SpeechContext) {
    this.settled = new Talk(context, [], []);
    this.lexicon = lexiconOf(context);
  }

  /** What was said next, for good; a line that goes on has `isOn`. */
  hear(line: TalkLine): void {
    this.words = [...this.words, ...this.wordsOf(line)];
    this.settle();
  }

  /** What all of it comes to; with words that are still being recognised and may change. */
  drafts(perhaps = ''): Draft[] {
    const words = [...this.words, ...this.wordsOf({ text: perhaps, isOn: true })];
    const tail = this.tail(words);
    const talk = this.readOn(words, tail, tail.length);
    endTalk(talk);
    return finish(talk);
  }

  private wordsOf(line: TalkLine): TalkWord[] {
    return talkWords(
      [{ ...line, isOn: true }],
      line.isOn && this.words.length > 0 ? 'none' : this.words.length > 0 ? 'pause' : 'stop',
    );
  }

  private tail(words: readonly TalkWord[]): Phrase[] {
    const [first, ...rest] = withSoftBreaks(
      phrasesOf(words, this.lexicon, this.phrases.at(-1)?.to ?? 0),
      this.context.style,
    );
    // What is settled ends where a sentence does.
    return first ? [{ ...first, before: this.phrases.length > 0 ? this.next : first.before }, ...rest] : [];
  }

  /** Hears so many phrases of the tail on top of what is settled. */
  private readOn(words: readonly TalkWord[], tail: readonly Phrase[], count: number): Talk {
    const talk = this.settled.copy(words, [...this.phrases, ...tail]);
    for (let at = this.phrases.length; at < this.phrases.length + count; at++) {
      talk.index = at;
      hear(talk, talk.phrases[at] as Phrase);
    }
    return talk;
  }

  /** Reads for good what lies so far back that nothing said from here on changes it, up to the beginning of a sentence. */
  private settle(): void {
    const tail = this.tail(this.words);
    const last = tail.findLastIndex(
      ({ before, from }) =>
        before !== 'none' && before !== 'comma' && this.words.length - from >= SETTLED_BEHIND,
    );
    if (last <= 0) return;
    const talk = this.readOn(this.words, tail, last);
    this.next = tail[last]?.before ?? 'pause';
    this.phrases = [...this.phrases, ...tail.slice(0, last)];
    this.settled = talk;
  }
}
