import { createWriteStream } from 'node:fs';
import { join } from 'node:path';
import { finished } from 'node:stream/promises';
import PDFDocument from 'pdfkit';
import sharp from 'sharp';
import { carSchema } from '#core/car';
import { composeReport } from '#core/report';
import type { Fact } from '#core/walk';
import { fontBytes } from '../src/server/reports/pdf/fonts';
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

/** A text as it was written: what, with which face and size, how wide. */
interface Written {
  text: string;
  face: string;
  size: number;
  width: number | undefined;
}

/** What is written into a PDF, told by the library itself while it is written. */
async function writtenBy(write: () => Promise<void>): Promise<Written[]> {
  const written: Written[] = [];
  const { text } = PDFDocument.prototype;
  PDFDocument.prototype.text = function (this: PDFKit.PDFDocument, what: string, ...rest: unknown[]) {
    const options = rest.find((each) => typeof each === 'object') as { width?: number } | undefined;
    const { _font, _fontSize } = this as unknown as {
      _font: { id: string; name: string };
      _fontSize: number;
    };
    written.push({ text: what, face: _font.name, size: _fontSize, width: options?.width });
    return Reflect.apply(text, this, [what, ...rest]);
  } as typeof text;
  try {
    await write();
  } finally {
    PDFDocument.prototype.text = text;
  }
  return written;
}

const faces = ['house-regular', 'house-bold', 'wide-regular', 'wide-bold'] as const;

/** The bare library: the same pictures, the same words in the same faces, one below the other, no layout of ours, no tags. */
async function barely(file: string, pictures: readonly string[], written: readonly Written[]): Promise<void> {
  const pdf = new PDFDocument({ size: 'A4' });
  const out = pdf.pipe(createWriteStream(file));
  pictures.forEach((picture, n) => {
    if (n > 0 && n % 8 === 0) pdf.addPage();
    pdf.image(picture, 40 + (n % 2) * 260, 40 + Math.floor((n % 8) / 2) * 190, { fit: [250, 180] });
  });
  pdf.addPage();
  const known = new Set<string>();
  for (const { text, face, size, width } of written) {
    const name = /Bold/i.test(face) ? 'house-bold' : 'house-regular';
    const use = /DejaVu/i.test(face) ? (name.replace('house', 'wide') as (typeof faces)[number]) : name;
    if (!known.has(use)) {
      pdf.registerFont(use, fontBytes(use as (typeof faces)[number]));
      known.add(use);
    }
    pdf
      .font(use)
      .fontSize(size)
      .text(text, { ...(width !== undefined && { width }) });
  }
  pdf.end();
  await finished(out);
}

export async function benchPdf(dir: string): Promise<Row[]> {
  const files = await makePictures(dir);
  const report = makeReport();
  const byHash = new Map(files.map((file, i) => [hashOf(i), file]));
  const write = () =>
    writePdf(
      { report, fingerprint: fingerprintOf(report), notes: [] },
      'a4',
      (sha256) => byHash.get(sha256),
      undefined,
      createWriteStream(join(dir, 'zelk.pdf')),
    );
  const written = await writtenBy(write);
  const zelk: number[] = [];
  const bare: number[] = [];
  for (let i = 0; i < 7; i++) {
    bare.push(await timed(() => barely(join(dir, 'bare.pdf'), files, written)));
    zelk.push(await timed(write));
  }
  const [a, b] = [quantile(zelk, 0.5), quantile(bare, 0.5)];
  return [
    {
      what: `PDF with ${PHOTOS} photos, against the bare library placing the same pictures and writing the same words in the same faces`,
      measured: ms(a),
      baseline: ms(b),
      ratio: times(a / b),
      target: '≤ 3 s, ≤ 1.5 ×',
    },
  ];
}
