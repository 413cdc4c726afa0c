import { type PointerEvent, useState } from 'react';
import type { Signature } from '#core/arrival';
import { PAD, SignatureStrokes } from '../../arrival/SignatureStrokes';
import { Button } from '../../components/Button';

type Stroke = Signature[number];
/** Points nearer than this, in shares of the pad, add nothing to see. */
const FINEST = 0.004;

interface SignaturePadProps {
  signature: Signature;
  error: string | undefined;
  onSigned: (signature: Signature) => void;
}

/** Where one signs with a finger, pen or mouse. */
export function SignaturePad({ signature, error, onSigned }: SignaturePadProps) {
  const [stroke, setStroke] = useState<Stroke>([]);
  const placeOf = (event: PointerEvent<SVGSVGElement>): Stroke[number] => {
    const box = event.currentTarget.getBoundingClientRect();
    const within = (value: number) => Math.round(Math.max(0, Math.min(1, value)) * 1000) / 1000;
    return [within((event.clientX - box.left) / box.width), within((event.clientY - box.top) / box.height)];
  };
  const move = (event: PointerEvent<SVGSVGElement>) => {
    const [last] = stroke.slice(-1);
    if (!last) return;
    const at = placeOf(event);
    if (Math.hypot(at[0] - last[0], at[1] - last[1]) >= FINEST) setStroke([...stroke, at]);
  };
  const lift = () => {
    if (stroke.length > 1) onSigned([...signature, stroke]);
    setStroke([]);
  };
  return (
    <div>
      <p className="mb-1 text-sm font-bold text-soft">Sign with a finger</p>
      <svg
        viewBox={`0 0 ${PAD.width} ${PAD.height}`}
        role="img"
        aria-label="Your signature"
        data-testid="signature"
        className={`w-full touch-none rounded-md border bg-sheet ${error ? 'border-2 border-warn' : 'border-soft'}`}
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          setStroke([placeOf(event)]);
        }}
        onPointerMove={move}
        onPointerUp={lift}
        onPointerCancel={lift}
      >
        <path d={`M30 ${PAD.height * 0.78}H${PAD.width - 30}`} className="stroke-line" strokeWidth={1.5} />
        <SignatureStrokes strokes={[...signature, stroke]} />
      </svg>
      <div className="mt-1 flex items-center justify-between gap-2">
        {error ? (
          <p role="alert" className="font-bold text-warn">
            {error}
          </p>
        ) : (
          <span />
        )}
        {signature.length > 0 && <Button onClick={() => onSigned([])}>Sign again</Button>}
      </div>
    </div>
  );
}
