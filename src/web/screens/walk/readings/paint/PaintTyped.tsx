import { useState } from 'react';
import { paintProblemMessage, parsePaint } from '#core/measure';
import type { PaintTable } from '#core/readings';
import { TypedReading } from '../../../../components/TypedReading';

/** Several readings typed in one go. */
export function PaintTyped({ unit, onRead }: { unit: PaintTable['unit']; onRead: (um: number[]) => void }) {
  const [taken, setTaken] = useState<string>();
  return (
    <TypedReading
      id="paint-typed"
      label={`Or type readings, ${unit === 'um' ? 'µm' : 'mil'}`}
      hint={taken ?? `Several at once: ${unit === 'um' ? '118 122 115' : '5 5.5 4.5'}`}
      onText={(text) => {
        const reading = parsePaint(text, unit);
        if (!reading.ok) return paintProblemMessage(reading.problem);
        setTaken(reading.unit === unit ? undefined : `Taken as ${reading.unit === 'mil' ? 'mil' : 'µm'}.`);
        onRead(reading.um);
        return undefined;
      }}
    />
  );
}
