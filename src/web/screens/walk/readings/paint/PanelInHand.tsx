import { ChevronLeft, ChevronRight, Undo2 } from 'lucide-react';
import type { ReactNode } from 'react';
import { paintClassWords } from '#core/paint';
import type { PaintRow, PaintTable } from '#core/readings';
import type { Tell } from '#core/told';
import { Button } from '../../../../components/Button';
import { Choice } from '../../../../components/Choice';
import { bareFigure, paintBacks } from '../../../../map/paintTints';

interface PanelInHandProps {
  name: string;
  row: PaintRow | undefined;
  unit: PaintTable['unit'];
  tell: Tell;
  onStep: (by: number) => void;
  onTakeBack: (() => void) | undefined;
  /** Which metal it is compared as, and how that is changed; absent where a gauge reads nothing. */
  metal: { is: 'steel' | 'aluminium'; onChange: (metal: 'steel' | 'aluminium') => void } | undefined;
  children?: ReactNode;
}

/** The readings shown one by one: the latest. */
const SHOWN = 18;

/** The panel the gauge is held to: its readings, and what they say so far. */
export function PanelInHand({
  name,
  row,
  unit,
  tell,
  onStep,
  onTakeBack,
  metal,
  children,
}: PanelInHandProps) {
  const earlier = Math.max(0, (row?.um.length ?? 0) - SHOWN);
  return (
    <div className="space-y-2">
      <div className="flex items-center gap-1">
        <Button className="px-2!" aria-label="Panel before" onClick={() => onStep(-1)}>
          <ChevronLeft aria-hidden size={24} />
        </Button>
        <h2 className="min-w-0 flex-1 text-center text-lg leading-tight">{name}</h2>
        <Button className="px-2!" aria-label="Next panel" onClick={() => onStep(1)}>
          <ChevronRight aria-hidden size={24} />
        </Button>
      </div>
      {row && (
        <p className="flex items-center gap-2 leading-tight">
          <span className={`rounded-md border border-ink px-2 py-0.5 font-bold ${paintBacks[row.class]}`}>
            {paintClassWords[row.class]}
          </span>
          {row.visits > 1 && <span className="font-bold">Read twice</span>}
        </p>
      )}
      {row && <p className="text-sm leading-snug">{tell(row.says)}</p>}
      {row && row.um.length > 0 && (
        <div className="flex items-start gap-2">
          <ol
            aria-label="Readings"
            className="flex max-h-24 min-w-0 flex-1 flex-wrap gap-1.5 overflow-y-auto"
          >
            {earlier > 0 && <li className="px-1 py-1 text-soft">{earlier} before</li>}
            {row.um.slice(earlier).map((um, at) => {
              const i = earlier + at;
              return (
                <li
                  key={i}
                  className={`rounded-md border px-2 py-1 tabular-nums ${row.stray.includes(i) ? 'border-2 border-dashed border-warn font-bold text-warn' : 'border-line bg-sheet'}`}
                >
                  {bareFigure(um, unit)}
                  {row.stray.includes(i) && <span className="text-sm"> again?</span>}
                </li>
              );
            })}
          </ol>
          {onTakeBack && (
            <Button className="px-3!" aria-label="Take back the last readings" onClick={onTakeBack}>
              <Undo2 aria-hidden size={20} />
            </Button>
          )}
        </div>
      )}
      {metal && (
        <Choice
          legend="Compared with panels of"
          value={metal.is}
          options={[
            { value: 'steel', label: 'Steel' },
            { value: 'aluminium', label: unit === 'mil' ? 'Aluminum' : 'Aluminium' },
          ]}
          onChange={metal.onChange}
        />
      )}
      {children}
    </div>
  );
}
