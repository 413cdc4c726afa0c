import { Brush, CircleCheck, TriangleAlert } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import type { PracticePage, PracticeScored } from '#core/api';
import type { PracticeAnswer, PracticeMark } from '#core/practice';
import { Button } from '../../../components/Button';
import { Choice } from '../../../components/Choice';
import { useTyped } from '../../../components/useTyped';
import { MarkForm } from './MarkForm';
import { PicturePlane } from './PicturePlane';
import { Told } from './Told';

interface ExerciseProps {
  next: NonNullable<PracticePage['next']>;
  isSending: boolean;
  scored?: PracticeScored;
  onAnswer: (answer: Omit<PracticeAnswer, 'id'>) => void;
  onNext: () => void;
}

const why = {
  due: 'This kind is due again.',
  new: 'A kind you have not seen yet.',
  ahead: 'Nothing is due: this is ahead of time.',
} as const;

/** A picture, the marks one puts on it, and what was there once it is answered. */
export function Exercise({ next, isSending, scored, onAnswer, onNext }: ExerciseProps) {
  const typed = useTyped<{ marks: readonly PracticeMark[]; side?: 'left' | 'right' }>(`practice-${next.id}`, {
    marks: [],
  });
  const { marks, side } = typed.value;
  const setMarks = (change: (now: readonly PracticeMark[]) => readonly PracticeMark[]) =>
    typed.setValue((now) => ({ ...now, marks: change(now.marks) }));
  const setSide = (to: 'left' | 'right' | undefined) => typed.setValue((now) => ({ ...now, side: to }));
  const [chosen, setChosen] = useState<number>();
  const began = useRef(Date.now());
  useEffect(() => {
    began.current = Date.now();
  }, []);
  const change = (more: Partial<PracticeMark>) =>
    setMarks((now) => now.map((mark, i) => (i === chosen ? { ...mark, ...more } : mark)));
  const mark = chosen === undefined ? undefined : marks[chosen];
  const answer = () =>
    onAnswer({
      exercise: next.id,
      marks: [...marks],
      ...(side && { side }),
      ms: Math.max(0, Math.min(Date.now() - began.current, 3_600_000)),
    });
  return (
    <div className="lg:grid lg:grid-cols-[minmax(0,1fr)_22rem] lg:gap-5">
      <div>
        <p className="mb-1 leading-tight">
          <span className="font-bold">{next.says}.</span>{' '}
          <span className="text-sm text-soft">{why[next.why]}</span>
        </p>
        <PicturePlane
          picture={`/practice/${next.id}.jpg`}
          width={next.width}
          height={next.height}
          marks={marks}
          chosen={chosen}
          truth={scored?.truth}
          onTap={(at) => {
            if (scored) return;
            setMarks((now) => [...now, { at, is: 'fault' }]);
            setChosen(marks.length);
          }}
          onChoose={setChosen}
        />
      </div>
      <div className="mt-3 space-y-3 lg:mt-7">
        {scored ? (
          <Told
            scored={scored}
            onNext={() => {
              // It is answered: seen again, it begins anew.
              typed.setValue({ marks: [] });
              onNext();
            }}
          />
        ) : (
          <>
            <p>Tap whatever you see. What a wipe takes off is dirt. If nothing is there, say so.</p>
            {mark && chosen !== undefined && (
              <MarkForm
                key={chosen}
                number={chosen + 1}
                mark={mark}
                onChange={change}
                onTakeOut={() => {
                  setMarks((now) => now.filter((_, i) => i !== chosen));
                  setChosen(undefined);
                }}
              />
            )}
            {next.asksSide && (
              <Choice
                legend="Which side of the car? From the driver’s seat"
                value={side}
                options={[
                  { value: 'left', label: 'Left' },
                  { value: 'right', label: 'Right' },
                ]}
                onChange={setSide}
                onClear={() => setSide(undefined)}
              />
            )}
            <Button look="main" className="min-h-16 w-full text-lg" disabled={isSending} onClick={answer}>
              {marks.length === 0 ? (
                <>
                  <CircleCheck aria-hidden size={22} /> Nothing there
                </>
              ) : (
                <>
                  {marks.every(({ is }) => is === 'dirt') ? (
                    <Brush aria-hidden size={22} />
                  ) : (
                    <TriangleAlert aria-hidden size={22} />
                  )}{' '}
                  That is all I see
                </>
              )}
            </Button>
          </>
        )}
      </div>
    </div>
  );
}
