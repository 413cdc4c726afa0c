import { execFileSync } from 'node:child_process';
import { createWriteStream, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { archiveTables } from '../src/server/archive/tables';
import { writePdf } from '../src/server/reports/pdf/writePdf';
import { fingerprintOf } from '../src/server/store/reportStore';
import { fullWalk, itemsOf } from './builders/fullWalk';
import { reportOf } from './builders/report';

const report = reportOf(fullWalk);

/** Lines are broken anew on paper, and a sentence begins with a capital: only the letters are compared. */
const bare = (text: string) => text.replace(/\s+/g, '').toLowerCase();

describe('page, PDF and tables', () => {
  it('say the same, item by item: nothing of the report is missing on paper (read by pdftotext)', async () => {
    const dir = mkdtempSync(join(tmpdir(), 'zelk-words-'));
    try {
      for (const paper of ['a4', 'letter'] as const) {
        const file = join(dir, `${paper}.pdf`);
        await writePdf(
          { report, fingerprint: fingerprintOf(report), notes: [] },
          paper,
          () => undefined,
          undefined,
          createWriteStream(file),
        );
        const paperSays = bare(execFileSync('pdftotext', ['-raw', file, '-']).toString());
        const items = itemsOf(report);
        expect(items.length).toBeGreaterThan(250);
        expect(items.filter((item) => !paperSays.includes(bare(item)))).toEqual([]);
        expect(paperSays).toContain(fingerprintOf(report));
      }
    } finally {
      rmSync(dir, { recursive: true });
    }
  });

  it('say the same in tables', () => {
    const tables = new Map(archiveTables(report, []));
    for (const { line, partName, note } of report.findings)
      for (const item of [line, partName, note]) if (item) expect(tables.get('findings.csv')).toContain(item);
    for (const { name, says } of report.functions?.faulty ?? [])
      expect(tables.get('functions.csv')).toContain(`${name},faulty,${says}`);
    for (const { name } of report.tyres?.rows ?? []) expect(tables.get('tyres.csv')).toContain(name);
  });
});
