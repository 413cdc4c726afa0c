import { createWriteStream } from 'node:fs';
import { join } from 'node:path';
import { finished } from 'node:stream/promises';
import PDFDocument from 'pdfkit';
import sharp from 'sharp';
import { carSchema } from '#core/car';
import { composeReport } from '#core/report';
import type { Fact } from '#core/walk';
import { writePdf } from '../src/server/reports/pdf/writePdf';
import { fingerprintOf } from '../src/server/store/reportStore';
import { details } from '../tests/builders/car';
import { begun, CAR, entriesOf, idOf, noted, WALK } from '../tests/builders/entries';
import { ms, quantile, type Row, timed, times } from './row';

const PHOTOS = 60;

async function makePictures(dir: string): Promise<string[]> {
  const names = [
    'hatch-whole-1',
    'hatch-door-fl-dent-what',
    'hatch-wheel-fl-kerbing-where',
    'hatch-tyre-fl-tread',
  ];
  return Promise.all(
    Array.from({ length: PHOTOS }, async (_, i) => {
      const file = join(dir, `${i}.jpg`);
      await sharp(`demo/pictures/${names[i % names.length]}.jpg`)
        .modulate({ brightness: 1 + i / 400 })
        .jpeg({ quality: 80 })
        .toFile(file);
      return file;
    }),
  );
}

const hashOf = (i: number) => i.toString(16).padStart(64, '0');

/** Thirty findings with two photos each. */
function makeReport() {
  const facts: Fact[] = [begun];
  for (let i = 0; i < PHOTOS / 2; i++) {
    const finding = idOf(0xf000 + i + 1);
    facts.push(noted(i + 1, 'door-fl'));
    facts.push({
      kind: 'finding-amended',
      body: {
        finding,
        changes: { lengthMm: 10 + i, notice: 'one-step-back', note: 'As the pictures show.' },
      },
    });
    facts.push({ kind: 'photo-attached', body: { photo: hashOf(2 * i), role: 'where', finding } });
    facts.push({ kind: 'photo-attached', body: { photo: hashOf(2 * i + 1), role: 'what', finding } });
  }
  const stamp = '2026-03-01T00:00:00.000Z';
  return composeReport({
    id: idOf(0xd0c),
    revision: 1,
    frozenAt: stamp,
    signedBy: 'Nell Harrick',
    yard: { name: 'Yard', place: '', phone: '' },
    car: carSchema.parse({ ...details, id: CAR, createdAt: stamp, updatedAt: stamp }),
    walk: WALK,
    entries: entriesOf(facts),
    photos: new Map(),
  });
}

export async function benchPdf(dir: string): Promise<Row[]> {
  const files = await makePictures(dir);
  const report = makeReport();
  const byHash = new Map(files.map((file, i) => [hashOf(i), file]));
  const zelk: number[] = [];
  const bare: number[] = [];
  for (let i = 0; i < 5; i++) {
    bare.push(
      await timed(async () => {
        const pdf = new PDFDocument({ size: 'A4' });
        const out = pdf.pipe(createWriteStream(join(dir, 'bare.pdf')));
        files.forEach((file, n) => {
          if (n > 0 && n % 8 === 0) pdf.addPage();
          pdf.image(file, 40 + (n % 2) * 260, 40 + Math.floor((n % 8) / 2) * 190, { fit: [250, 180] });
        });
        pdf.end();
        await finished(out);
      }),
    );
    zelk.push(
      await timed(() =>
        writePdf(
          { report, fingerprint: fingerprintOf(report), notes: [] },
          'a4',
          (sha256) => byHash.get(sha256),
          undefined,
          createWriteStream(join(dir, 'zelk.pdf')),
        ),
      ),
    );
  }
  const [a, b] = [quantile(zelk, 0.5), quantile(bare, 0.5)];
  return [
    {
      what: `PDF with ${PHOTOS} photos`,
      measured: ms(a),
      baseline: ms(b),
      ratio: times(a / b),
      target: '≤ 3 s, ≤ 1.3 ×',
    },
  ];
}
