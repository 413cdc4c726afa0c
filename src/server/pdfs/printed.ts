import type { SheetCar, Sheet as ToldSheet } from '#core/api';
import type { ArrivalCheck } from '#core/arrival';
import type { CoverNote, Drawing, ReportDocument } from '#core/report';
import type { Paper } from './paper';

/** A frozen report with its fingerprint, and what was hidden of its pictures since. */
export interface PrintedReport {
  report: ReportDocument;
  fingerprint: string;
  notes: readonly CoverNote[];
}

/** A day's work on one car, with the drawing of where it is. */
export interface SheetPiece {
  car: Omit<SheetCar, 'map'>;
  map: Drawing | undefined;
}

/** What one of the crew does, by day. */
export interface SheetMade {
  crew: { id: string; name: string };
  yard: string;
  days: { day: string; pieces: SheetPiece[] }[];
  said: ToldSheet['said'];
}

/** What is printed: a frozen report, a job sheet, a signed check. */
export type Printed =
  | ({ what: 'report'; logo?: Uint8Array | undefined } & PrintedReport)
  | { what: 'sheet'; sheet: SheetMade }
  | { what: 'check'; check: ArrivalCheck; fingerprint: string };

/** All that a PDF is made of, so that another process can make it. */
export interface PrintJob {
  printed: Printed;
  paper: Paper;
  /** Paths of the copies that may be shown, by photo; false for one that was withdrawn. */
  pictures: ReadonlyMap<string, string | false>;
}
