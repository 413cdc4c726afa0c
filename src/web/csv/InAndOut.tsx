import { FileDown, FileUp } from 'lucide-react';
import type { CsvCells } from '#core/csv';
import { Button, buttonLook } from '../components/Button';
import { saveFile, writeCsv } from './sheets';

interface InAndOutProps {
  /** Name of the files, without ending. */
  name: string;
  cells: () => CsvCells;
  json: () => string;
  /** Takes the text of a file that was chosen; absent where one may not change it. */
  onText?: (text: string) => void;
}

/** A list out as CSV or JSON, and in again. */
export function InAndOut({ name, cells, json, onText }: InAndOutProps) {
  return (
    <div className="flex flex-wrap gap-2">
      <Button onClick={() => saveFile(`${name}.csv`, writeCsv(cells()), 'text/csv')}>
        <FileDown aria-hidden size={18} /> Export CSV
      </Button>
      <Button onClick={() => saveFile(`${name}.json`, json(), 'application/json')}>
        <FileDown aria-hidden size={18} /> Export JSON
      </Button>
      {onText && (
        <label className={`${buttonLook()} cursor-pointer focus-within:outline-2`}>
          <FileUp aria-hidden size={18} /> Import
          <input
            type="file"
            accept=".csv,.json,text/csv,application/json"
            className="sr-only"
            onChange={({ target }) => {
              const [file] = target.files ?? [];
              if (file) void file.text().then(onText);
              // The same file again is a choice too.
              target.value = '';
            }}
          />
        </label>
      )}
    </div>
  );
}
