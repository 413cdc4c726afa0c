import { createWriteStream } from 'node:fs';
import type { Writable } from 'node:stream';
import type { PrintJob } from '../pdfs/printed';

/** Writes a PDF to a file. Throws what the disk throws. */
export async function print(job: PrintJob, file: string): Promise<void> {
  const out = createWriteStream(file, { mode: 0o600 });
  const failed = new Promise<never>((_, fail) => out.once('error', fail));
  await Promise.race([write(job, out), failed]);
}

/** What writes each kind of PDF is read when the first of it is printed. */
async function write({ printed, paper, pictures }: PrintJob, out: Writable): Promise<void> {
  const path = (sha256: string) => pictures.get(sha256);
  switch (printed.what) {
    case 'report': {
      const { writePdf } = await import('../reports/pdf/writePdf');
      const logo = printed.logo && Buffer.from(printed.logo);
      return writePdf(printed, paper, path, logo, out);
    }
    case 'sheet': {
      const { writeSheetPdf } = await import('../trade/writeSheetPdf');
      return writeSheetPdf(printed.sheet, paper, path, out);
    }
    case 'check': {
      const { writeCheckPdf } = await import('../arrival/writeCheckPdf');
      return writeCheckPdf(printed.check, printed.fingerprint, paper, path, out);
    }
  }
}
