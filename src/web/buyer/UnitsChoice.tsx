import { type ReadersUnits, readersUnits } from '#core/report';

interface UnitsChoiceProps {
  units: ReadersUnits | undefined;
  onChange: (units: ReadersUnits | undefined) => void;
}

const names: Record<ReadersUnits, string> = {
  'miles-mm': 'miles and mm',
  'km-mm': 'km and mm',
  'miles-in': 'miles and inches',
};

/** In which units measures are told beside those of the report. */
export const UnitsChoice = ({ units, onChange }: UnitsChoiceProps) => (
  <label className="flex min-h-11 flex-wrap items-center gap-x-2 px-2 py-1">
    Measures also in
    <select
      value={units ?? ''}
      onChange={({ target: { value } }) => onChange(readersUnits.find((each) => each === value))}
      className="min-h-11 rounded-md border border-soft bg-sheet px-2"
    >
      <option value="">as written</option>
      {readersUnits.map((each) => (
        <option key={each} value={each}>
          {names[each]}
        </option>
      ))}
    </select>
  </label>
);
