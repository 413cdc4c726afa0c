import { Undo2 } from 'lucide-react';
import type { MorningLook } from '#core/diary';
import { Button } from '../../../components/Button';
import { lookWords } from '../../../diary/lookWords';

interface JustLookedProps {
  look: MorningLook;
  name: string;
  onTakeBack: () => void;
}

/** What was just said, and the way back. */
export function JustLooked({ look, name, onTakeBack }: JustLookedProps) {
  return (
    <div className="flex items-center gap-2 border-l-8 border-clear pl-3">
      <p className="min-w-0 flex-1 leading-tight">
        <span className="font-bold">{name}</span>: {lookWords(look)}
      </p>
      <Button onClick={onTakeBack}>
        <Undo2 aria-hidden size={18} /> Undo
      </Button>
    </div>
  );
}
