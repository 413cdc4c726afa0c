import { once } from 'node:events';
import type { Writable } from 'node:stream';
import {
  type ArrivalCheck,
  type CheckedPart,
  checkSummary,
  occasionWords,
  verdictWords,
} from '#core/arrival';
import { fingerprintWords } from '#core/report';
import { isoDay, utcMoment } from '#core/wording';
import type { Paper } from '../pdfs/paper';
import { drawPicture, type PhotoPath } from '../reports/pdf/drawPhoto';
import { ink, Sheet, soft } from '../reports/pdf/sheet';

const PAD_WIDTH = 240;
const PAD_HEIGHT = PAD_WIDTH / 2;

/** Renders a signed check as PDF into a stream: the differences first, with their photos, then every part and the signature. */
export async function writeCheckPdf(
  check: ArrivalCheck,
  fingerprint: string,
  paper: Paper,
  path: PhotoPath,
  out: Writable,
): Promise<void> {
  const { name } = occasionWords[check.occasion];
  const sheet = new Sheet(paper, `${check.title}: ${name.toLowerCase()}`);
  sheet.pdf.pipe(out);
  const closed = Promise.race([once(out, 'finish'), once(out, 'close')]);
  sheet.text(check.yard, { colour: soft, gap: 8 });
  sheet.text(`${name}: ${check.title}`, { size: 20, weight: 'bold', gap: 6 });
  for (const line of checkSummary(check.parts)) sheet.text(line, { size: 11, weight: 'bold', gap: 2 });
  sheet.text(check.odometerSays, { size: 11, gap: 2 });
  if (check.remarks) sheet.text(check.remarks, { size: 11, gap: 2 });
  const of = (verdict: CheckedPart['verdict']) => check.parts.filter((part) => part.verdict === verdict);
  differences(sheet, of('different'), path);
  for (const verdict of ['could-not-tell', 'not-looked-at', 'as-described'] as const) {
    const here = of(verdict);
    if (here.length === 0) continue;
    sheet.heading(verdictWords[verdict]);
    for (const part of here)
      sheet.text([`${part.name} (${part.described})`, part.note].filter(Boolean).join(': '), { gap: 1 });
  }
  signed(sheet, check, fingerprint);
  sheet.foot(
    (page, of) =>
      `${check.stockNumber} · ${name.toLowerCase()} · ${isoDay(check.signedAt)} · page ${page} of ${of}`,
  );
  sheet.pdf.end();
  await closed;
}

function differences(sheet: Sheet, parts: readonly CheckedPart[], path: PhotoPath): void {
  if (parts.length === 0) return;
  sheet.heading(verdictWords.different);
  const gap = 8;
  const width = (sheet.width - 2 * gap) / 3;
  for (const part of parts) {
    sheet.need(part.photos.length > 0 ? width : 40);
    sheet.text(part.name, { size: 11.5, weight: 'bold', gap: 1 });
    sheet.text(`The report says: ${part.described}`, { gap: 1 });
    if (part.note) sheet.text(`Found: ${part.note}`);
    for (let i = 0; i < part.photos.length; i += 3) {
      sheet.need(width * 0.75 + gap);
      part.photos.slice(i, i + 3).forEach((photo, column) => {
        drawPicture(sheet, path(photo), sheet.left + column * (width + gap), sheet.y, width);
      });
      sheet.y += width * 0.75 + gap;
    }
    sheet.line();
  }
}

function signed(sheet: Sheet, check: ArrivalCheck, fingerprint: string): void {
  sheet.heading('Signed');
  sheet.text(check.statement, { gap: 6 });
  sheet.need(PAD_HEIGHT + 50);
  const { pdf, left, y } = sheet;
  pdf.rect(left, y, PAD_WIDTH, PAD_HEIGHT).lineWidth(0.5).stroke(soft);
  for (const stroke of check.signature) {
    stroke.forEach(([u, v], i) => {
      const at = [left + u * PAD_WIDTH, y + v * PAD_HEIGHT] as const;
      if (i === 0) pdf.moveTo(...at);
      else pdf.lineTo(...at);
    });
    pdf.lineWidth(1.4).lineJoin('round').lineCap('round').stroke(ink);
  }
  sheet.y = y + PAD_HEIGHT + 4;
  sheet.text(`${[check.name, check.role].filter(Boolean).join(', ')}, ${utcMoment(check.signedAt)}`, {
    weight: 'bold',
  });
  const small = { size: 9, colour: soft };
  sheet.text(
    `Fingerprint of this check (SHA-256 over its canonical form, RFC 8785): ${fingerprintWords(fingerprint)}`,
    small,
  );
  sheet.text(
    `Held against revision ${check.report.revision}, fingerprint ${fingerprintWords(check.report.sha256)}`,
    small,
  );
}
