import { useMemo, useState } from 'react';
import {
  type ReadersUnits,
  type ReportDocument,
  readersUnits,
  unitsOfLanguage,
  withReadersUnits,
} from '#core/report';

const KEY = 'zelk.units';

/** As the reader chose once, else as their device's country has them; undefined leaves the report as it was written. */
function first(): ReadersUnits | undefined {
  try {
    const kept = localStorage.getItem(KEY);
    if (kept !== null) return readersUnits.find((each) => each === kept);
  } catch {
    // Storage that is refused: as the device's country has them.
  }
  return unitsOfLanguage(navigator.language);
}

/** The report with the reader's own units beside those it was written in, and the way to choose them. */
export function useReadersUnits(report: ReportDocument) {
  const [units, setUnits] = useState(first);
  const shown = useMemo(() => (units ? withReadersUnits(report, units) : report), [report, units]);
  const choose = (wanted: ReadersUnits | undefined) => {
    setUnits(wanted);
    try {
      localStorage.setItem(KEY, wanted ?? 'as-written');
    } catch {
      // It lasts as long as the page.
    }
  };
  return { shown, units, choose };
}
