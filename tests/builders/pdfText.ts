import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** The words of a PDF in one line, as pdftotext of poppler-utils reads them: a reader that is not ours. */
export function textOfPdf(pdf: Buffer): string {
  const folder = mkdtempSync(join(tmpdir(), 'zelk-pdf-'));
  try {
    const file = join(folder, 'it.pdf');
    writeFileSync(file, pdf);
    return execFileSync('pdftotext', ['-layout', file, '-'], { encoding: 'utf8' }).replace(/\s+/g, ' ');
  } finally {
    rmSync(folder, { recursive: true });
  }
}
