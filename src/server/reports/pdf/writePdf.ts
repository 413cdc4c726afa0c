import { once } from 'node:events';
import type { Writable } from 'node:stream';
import { countryOf } from '#core/car';
import { fingerprintWords, type ReportDocument, type ReportPhoto } from '#core/report';
import { type NoticeDistance, noticeDistances, noticeWords } from '#core/walk';
import { drawPhoto, findingBlock, type PhotoPath } from './findingBlock';
import { readings } from './readings';
import { type Paper, Sheet, soft } from './sheet';
import { yardHead } from './yardHead';

export { type Paper, papers } from './sheet';

/** Renders a frozen report as PDF into a stream. Adds no fact to the document. */
export async function writePdf(
  report: ReportDocument,
  fingerprint: string,
  paper: Paper,
  path: PhotoPath,
  logo: Buffer | undefined,
  out: Writable,
): Promise<void> {
  const sheet = new Sheet(paper, `${report.title}: condition report`);
  sheet.pdf.pipe(out);
  const closed = Promise.race([once(out, 'finish'), once(out, 'close')]);
  head(sheet, report, path, logo);
  findings(sheet, report, path);
  promises(sheet, report);
  putRight(sheet, report, path);
  notChecked(sheet, report);
  seenUnder(sheet, report);
  parts(sheet, report);
  readings(sheet, report);
  otherPhotos(sheet, report, path);
  dismissed(sheet, report);
  limits(sheet, report, fingerprint);
  sheet.foot(
    (page, of) =>
      `${report.car.stockNumber} · revision ${report.revision} · ${report.frozenAt.slice(0, 10)} · page ${page} of ${of}`,
  );
  sheet.pdf.end();
  await closed;
}

function head(sheet: Sheet, report: ReportDocument, path: PhotoPath, logo: Buffer | undefined): void {
  const { car, yard } = report;
  yardHead(sheet, yard, logo);
  sheet.text(report.title, { size: 22, weight: 'bold', gap: 2 });
  sheet.text(`Condition report, revision ${report.revision}`, { size: 12, gap: 8 });
  const cover = report.photos.find((photo) => photo.cover || photo.role === 'whole-car');
  if (cover && path(cover.sha256)) {
    const width = Math.min(sheet.width, 380);
    drawPhoto(sheet, cover, path, sheet.left, sheet.y, width);
    sheet.y += width * 0.75 + 16;
  }
  const facts: [string, string][] = [
    ['Stock number', car.stockNumber],
    ['Body', report.bodyStyleName],
    ['Colour', car.colour],
    ['Fuel', car.fuel],
    ['Number plate', car.plate],
    ['Identity number', car.identityNumber],
    ['Used in', `${countryOf(car.country).name}, steering wheel on the ${car.steering}`],
    ['Odometer', report.odometer ?? 'not read'],
    ['Walked', `${when(report.walkedFrom)} to ${when(report.walkedTo)}`],
    ['Signed', `${report.signedBy}, ${when(report.frozenAt)}`],
  ];
  for (const [name, value] of facts) if (value) sheet.text(`${name}: ${value}`, { gap: 1 });
  sheet.y += 6;
  if (report.paragraph) sheet.text(report.paragraph, { size: 11, gap: 6 });
  for (const line of report.summary) sheet.text(line, { size: 11, weight: 'bold', gap: 2 });
}

const when = (iso: string) => `${iso.slice(0, 10)} ${iso.slice(11, 16)} UTC`;

function findings(sheet: Sheet, report: ReportDocument, path: PhotoPath): void {
  const groups: (NoticeDistance | undefined)[] = [...[...noticeDistances].reverse(), undefined];
  for (const distance of groups) {
    const here = report.findings.filter((finding) => finding.notice === distance);
    if (here.length === 0) continue;
    sheet.heading(
      distance ? `${noticeWords[distance].name}: ${noticeWords[distance].hint}` : 'Distance not noted',
    );
    for (const finding of here) findingBlock(sheet, finding, report, path);
  }
}

function promises(sheet: Sheet, report: ReportDocument): void {
  const promised = report.findings.filter((finding) => finding.promised);
  if (promised.length === 0) return;
  sheet.heading('Will be put right before collection');
  for (const finding of promised)
    sheet.text(`${finding.number}. ${finding.action}: ${finding.partName}, ${finding.line}`);
}

function putRight(sheet: Sheet, report: ReportDocument, path: PhotoPath): void {
  if (!report.putRight) return;
  sheet.heading('Put right since it was found');
  for (const { number, partName, line, says, at, before, after } of report.putRight) {
    const numbers = [...before, ...after];
    sheet.need(numbers.length > 0 ? 150 : 20);
    sheet.text(`${number}. ${line}, ${partName}: ${says}, ${at.slice(0, 10)}`);
    const shown = numbers.flatMap((n) => report.photos.find((photo) => photo.number === n) ?? []);
    photoRow(sheet, shown, path);
  }
}

function notChecked(sheet: Sheet, report: ReportDocument): void {
  sheet.heading('What was not looked at');
  sheet.text(report.outOfScope);
  for (const { name, why } of report.notSeen) sheet.text(`${name}: could not be seen, ${why}`);
  if (report.notLookedAt.length > 0) sheet.text(`Not looked at: ${report.notLookedAt.join('; ')}.`);
  if (report.readingsMissing.length > 0) sheet.text(`Not read: ${report.readingsMissing.join('; ')}.`);
  if (report.notLookedAt.length + report.notSeen.length + report.readingsMissing.length === 0) {
    sheet.text('Every part on the route was looked at and every reading taken.');
  }
}

function seenUnder(sheet: Sheet, report: ReportDocument): void {
  if (report.conditions.length === 0) return;
  sheet.heading('In what light, and what that may have hidden');
  for (const line of [...report.conditions, ...report.mayHide]) sheet.text(line);
}

function parts(sheet: Sheet, report: ReportDocument): void {
  sheet.heading('Part by part, in walking order');
  for (const part of report.parts) sheet.text(`${part.name}: ${part.says}`, { gap: 1 });
}

function otherPhotos(sheet: Sheet, report: ReportDocument, path: PhotoPath): void {
  const shown = new Set([
    ...report.findings.flatMap((finding) => finding.photos.slice(0, 4)),
    ...(report.putRight ?? []).flatMap(({ before, after }) => [...before, ...after]),
  ]);
  const others = report.photos.filter((photo) => !shown.has(photo.number));
  if (others.length === 0) return;
  sheet.heading('More photos');
  const gap = 10;
  const width = (sheet.width - gap) / 2;
  const height = width * 0.75 + 34;
  for (let i = 0; i < others.length; i += 2) {
    sheet.need(height);
    const top = sheet.y;
    others.slice(i, i + 2).forEach((photo, column) => {
      const x = sheet.left + column * (width + gap);
      drawPhoto(sheet, photo, path, x, top, width);
      sheet.y = top + width * 0.75 + 12;
      sheet.text(photo.caption, { x, width, size: 8.5, gap: 0 });
      sheet.y = top;
    });
    sheet.y = top + height;
  }
}

/** Small pictures beside each other, four to a row. */
function photoRow(sheet: Sheet, photos: readonly ReportPhoto[], path: PhotoPath): void {
  const gap = 8;
  const width = (sheet.width - 3 * gap) / 4;
  const height = width * 0.75 + 14;
  for (let i = 0; i < photos.length; i += 4) {
    sheet.need(height);
    const top = sheet.y;
    photos.slice(i, i + 4).forEach((photo, column) => {
      drawPhoto(sheet, photo, path, sheet.left + column * (width + gap), top, width);
    });
    sheet.y = top + height;
  }
}

function dismissed(sheet: Sheet, report: ReportDocument): void {
  if (report.dismissed.length === 0) return;
  sheet.heading('Looks like a fault, but is not');
  for (const { number, partName, line, why } of report.dismissed)
    sheet.text(`${number}. ${partName}, ${line}: ${why}`);
}

function limits(sheet: Sheet, report: ReportDocument, fingerprint: string): void {
  sheet.heading('Cautions and limits');
  for (const caution of report.cautions) sheet.text(caution);
  sheet.text(
    `Fingerprint of this revision (SHA-256 over its canonical form, RFC 8785): ${fingerprintWords(fingerprint)}`,
    { size: 9, colour: soft },
  );
}
