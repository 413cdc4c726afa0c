import type { Hearing, Listener } from './listener';

/** Of the browser’s speech recognition (Web Speech API, a W3C community report) what is used here; its types are not those of the language. */
interface Recognition {
  lang: string;
  continuous: boolean;
  interimResults: boolean;
  onresult: ((event: RecognitionEvent) => void) | null;
  onerror: ((event: { error: string }) => void) | null;
  onend: (() => void) | null;
  start: () => void;
  stop: () => void;
}
interface RecognitionEvent {
  resultIndex: number;
  results: ArrayLike<ArrayLike<{ transcript: string }> & { isFinal: boolean }>;
}
type RecognitionClass = new () => Recognition;

const recognition = (): RecognitionClass | undefined => {
  const { SpeechRecognition, webkitSpeechRecognition } = window as unknown as Record<
    string,
    RecognitionClass | undefined
  >;
  return SpeechRecognition ?? webkitSpeechRecognition;
};

/** Whether this browser can turn speech into words by itself. */
export const canListen = (): boolean => recognition() !== undefined;

const problems: Record<string, string> = {
  'not-allowed':
    'The browser may not use the microphone. Allow it in the address bar, or dictate with the keyboard.',
  'service-not-allowed':
    'Speech recognition is switched off in this browser. Dictate with the keyboard instead.',
  'audio-capture': 'No microphone was found. Dictate with the keyboard instead.',
  network: 'Speech recognition needs signal in this browser. Dictate with the keyboard instead.',
  'language-not-supported':
    'This browser does not recognise this language. Dictate with the keyboard instead.',
};

/** Listens by the browser’s own recognition until it is stopped; a browser that stops by itself after a while is begun again. */
export function browserListener(lang: string, { onPiece, onEnd }: Hearing): Listener {
  const Recogniser = recognition();
  let isWanted = false;
  let problem: string | undefined;
  const recogniser = Recogniser ? new Recogniser() : undefined;
  if (recogniser) {
    recogniser.lang = lang;
    recogniser.continuous = true;
    recogniser.interimResults = true;
    recogniser.onresult = ({ resultIndex, results }) => {
      let perhaps = '';
      for (let at = resultIndex; at < results.length; at++) {
        const result = results[at];
        const text = result?.[0]?.transcript.trim() ?? '';
        if (result?.isFinal) onPiece({ text, isFinal: true });
        else perhaps = `${perhaps} ${text}`;
      }
      onPiece({ text: perhaps.trim(), isFinal: false });
    };
    recogniser.onerror = ({ error }) => {
      problem = problems[error];
      if (problem) isWanted = false;
    };
    recogniser.onend = () => {
      if (isWanted) recogniser.start();
      else onEnd(problem);
    };
  }
  return {
    start: () => {
      isWanted = true;
      problem = undefined;
      recogniser?.start();
    },
    stop: () => {
      isWanted = false;
      recogniser?.stop();
    },
  };
}
