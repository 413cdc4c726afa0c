import type { Drawing } from '../drawings/drawing';
import type { ReportFinding, ReportPhoto } from '../reportDocument';

/** A piece of the report in reading order. Paper and page render the same pieces: neither adds nor leaves out a fact. */
export type Block =
  | { is: 'heading'; text: string }
  | { is: 'text'; text: string; weight?: 'bold'; isQuiet?: true }
  /** Columns by their shares of the width; the first row names them. */
  | { is: 'table'; shares: readonly number[]; head: readonly string[]; rows: readonly (readonly string[])[] }
  | { is: 'drawing'; drawing: Drawing }
  /** A finding with its photos beside it. */
  | { is: 'finding'; finding: ReportFinding; photos: readonly ReportPhoto[] }
  | { is: 'photos'; photos: readonly ReportPhoto[]; size: 'small' | 'large' };

export const heading = (text: string): Block => ({ is: 'heading', text });
export const line = (text: string): Block => ({ is: 'text', text });
export const bold = (text: string): Block => ({ is: 'text', text, weight: 'bold' });
export const quiet = (text: string): Block => ({ is: 'text', text, isQuiet: true });
