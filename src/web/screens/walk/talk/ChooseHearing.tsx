import { Keyboard, Mic, Play } from 'lucide-react';
import { useState } from 'react';
import { Button } from '../../../components/Button';
import { Notice } from '../../../components/Notice';
import { canListen } from '../../../listening/browserListener';

export type HearingBy = 'browser' | 'keyboard' | 'practice';

/** Who turns the speech into words: the browser, the keyboard's dictation, or a spoken sample for practice. */
export function ChooseHearing({ onChoose }: { onChoose: (by: HearingBy) => void }) {
  const [isAsking, setAsking] = useState(false);
  return (
    <main className="mx-auto w-full max-w-md space-y-3 overflow-y-auto p-4">
      <p>
        Walk round the car and say what you see: part by part, clear or not, tyres, what works, keys and
        miles. What is understood goes into the walk a moment after you have said it. “Sorry” and “no, that’s
        dirt” take it back, and so does your thumb.
      </p>
      {canListen() && !isAsking && (
        <Button look="main" className="w-full" onClick={() => setAsking(true)}>
          <Mic aria-hidden size={20} /> Listen
        </Button>
      )}
      {isAsking && (
        <Notice>
          <p>
            Speech is recognised by this browser, not by Zelk. Many browsers send what they hear to their
            maker over the internet to do so. It listens only while this screen says so.
          </p>
          <Button look="main" className="mt-2 w-full" onClick={() => onChoose('browser')}>
            <Mic aria-hidden size={20} /> Let the browser listen
          </Button>
        </Notice>
      )}
      <Button className="w-full" onClick={() => onChoose('keyboard')}>
        <Keyboard aria-hidden size={20} /> Dictate with the keyboard
      </Button>
      {!canListen() && (
        <p className="text-sm text-soft">
          This browser cannot listen by itself. The microphone on your phone’s keyboard does the same.
        </p>
      )}
      <Button className="w-full" onClick={() => onChoose('practice')}>
        <Play aria-hidden size={20} /> Watch a sample, nothing is logged
      </Button>
    </main>
  );
}
