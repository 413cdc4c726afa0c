import { sentence, vocabularyOf } from '#core/car';
import type { ReportDocument } from '#core/report';
import { thirdName } from '#core/walk';
import { paintMap } from './paintMap';
import { screenMap } from './screenMap';
import { type Sheet, soft } from './sheet';
import { tableRow } from './tableRow';

/** Tyres, wheels, paint and the screen, as far as they were read. */
export function readings(sheet: Sheet, report: ReportDocument): void {
  tyres(sheet, report);
  wheels(sheet, report);
  paint(sheet, report);
  screen(sheet, report);
  functions(sheet, report);
  kit(sheet, report);
  papers(sheet, report);
}

const whenWord = { now: 'Replace now', soon: 'Within the year', later: 'Good' } as const;
const tyreColumns = [
  { share: 0.24 },
  { share: 0.1 },
  { share: 0.1 },
  { share: 0.1 },
  { share: 0.15 },
  { share: 0.31 },
];

function tyres(sheet: Sheet, report: ReportDocument): void {
  const title = vocabularyOf(report.car) === 'us' ? 'Tires' : 'Tyres';
  if (!report.tyres) {
    if (report.treads.length === 0) return;
    sheet.heading(title);
    for (const { name, depth } of report.treads) sheet.text(`${name}: ${depth}`, { gap: 1 });
    return;
  }
  const { law, summary, rows, matching } = report.tyres;
  sheet.heading(title);
  if (summary) sheet.text(`${summary}.`, { weight: 'bold' });
  tableRow(
    sheet,
    tyreColumns,
    [
      '',
      'Outer',
      sentence(thirdName('centre', vocabularyOf(report.car))),
      'Inner',
      '',
      'Why, and what stands on it',
    ],
    {
      colour: soft,
      size: 9,
    },
  );
  for (const row of rows) {
    // One figure for the whole tread stands in the middle.
    const thirds = row.whole ? ['', row.whole, ''] : [row.outer, row.centre, row.inner];
    const made = [row.make, row.made].filter(Boolean).join('. ');
    const left = row.left === undefined ? '' : `, ${row.left} % left`;
    tableRow(
      sheet,
      tyreColumns,
      [
        row.name,
        ...thirds,
        row.when ? `${whenWord[row.when]}${left}` : 'Not read',
        [`${row.says}.`, made && `${made}.`].filter(Boolean).join(' '),
      ],
      { size: 9 },
    );
  }
  for (const line of matching) sheet.text(`Do not match. ${line}.`);
  sheet.text(`Limit used: ${law}.`, { colour: soft });
}

function wheels(sheet: Sheet, { wheels: read }: ReportDocument): void {
  if (!read) return;
  sheet.heading('Wheels and what shows of the brakes');
  for (const { name, rim, damage, says, brake } of read.rows)
    sheet.text(
      `${[name, rim].filter(Boolean).join(', ')}: ${[damage && `${damage}.`, says, brake && `Brake as seen: ${brake}.`].filter(Boolean).join(' ')}`,
      { gap: 1 },
    );
  if (read.set) sheet.text(read.set);
}

const paintColumns = [{ share: 0.26 }, { share: 0.12 }, { share: 0.22 }, { share: 0.4 }];

function paint(sheet: Sheet, report: ReportDocument): void {
  if (!report.paint) return;
  const { says, rows, unit } = report.paint;
  sheet.heading('Paint depth');
  for (const line of says) sheet.text(line);
  paintMap(sheet, report, report.paint);
  sheet.text(
    `Figures are medians in ${unit === 'um' ? 'µm' : 'mil'}. Hatched parts are not metal and cannot be read.`,
    {
      size: 9,
      colour: soft,
    },
  );
  tableRow(sheet, paintColumns, ['Panel', 'Median', 'Compared with this car', 'Why'], {
    colour: soft,
    size: 9,
  });
  for (const row of rows) {
    if (row.um.length === 0) continue;
    tableRow(sheet, paintColumns, [row.name, row.median, row.className, row.says], { size: 9 });
  }
  const unread = rows.filter(({ um, class: found }) => um.length === 0 && found !== 'cannot-read');
  if (unread.length > 0) sheet.text(`Not read: ${unread.map(({ name }) => name).join('; ')}.`);
}

function screen(sheet: Sheet, report: ReportDocument): void {
  if (!report.screen) return;
  sheet.heading('The screen, from outside');
  screenMap(sheet, report.screen);
  if (report.screen.summary) sheet.text(`${report.screen.summary}.`, { weight: 'bold' });
  for (const { number, says, repair } of report.screen.rows) sheet.text(`${number}. ${says}; ${repair}.`);
  sheet.text(`Rule used: ${report.screen.rule}.`, { colour: soft });
}

function functions(sheet: Sheet, { functions: run }: ReportDocument): void {
  if (!run) return;
  sheet.heading('Does it work');
  sheet.text(`${run.summary}.`, { weight: 'bold' });
  if (run.lampsSay) sheet.text(`${run.lampsSay}.`, { weight: run.lampsOn?.length ? 'bold' : 'regular' });
  for (const { name, says, caution, photos = [] } of run.faulty) {
    const shown = photos.length > 0 ? ` Photo ${photos.join(', ')}.` : '';
    sheet.text(`Faulty: ${[name, says].filter(Boolean).join(', ')}.${caution ? ` ${caution}` : ''}${shown}`);
  }
  for (const { name, of, seconds, says } of run.recordings ?? [])
    sheet.text(
      `${of === 'sound' ? 'Sound' : 'Video'} of ${Math.round(seconds)} s, to be played on the report’s page: ${[name, says].filter(Boolean).join('. ')}.`,
      { colour: soft },
    );
  if (run.drive) sheet.text(`${run.drive}.`);
  for (const { group, names } of run.works)
    sheet.text(`${group}, in order: ${names.join(', ')}.`, { gap: 1 });
  if (run.notTried.length > 0)
    sheet.text(`Not tried: ${run.notTried.map(({ name, says }) => `${name} (${says})`).join('; ')}.`);
  if (run.left.length > 0) sheet.text(`Not tried either: ${run.left.join('; ')}.`);
  if (run.notFitted.length > 0) sheet.text(`Not fitted: ${run.notFitted.join('; ')}.`);
}

function kit(sheet: Sheet, { kit: along }: ReportDocument): void {
  if (!along) return;
  sheet.heading('What comes with it');
  for (const line of along.there) sheet.text(line, { gap: 1 });
  if (along.missing.length > 0) sheet.text(`Not there: ${along.missing.join('; ')}.`, { weight: 'bold' });
  if (along.left.length > 0) sheet.text(`Not counted: ${along.left.join('; ')}.`);
  for (const line of along.altered) sheet.text(`Added or altered. ${line}.`, { gap: 1 });
  for (const note of along.notes) sheet.text(note, { colour: soft });
  sheet.text(`Smell of the cabin: ${along.smell ?? 'not noted'}.`);
  for (const caution of along.cautions) sheet.text(caution, { weight: 'bold' });
}

function papers(sheet: Sheet, { papers: read }: ReportDocument): void {
  if (!read) return;
  sheet.heading('Papers');
  for (const line of read.asks) sheet.text(line, { weight: 'bold' });
  for (const line of [...read.says, ...read.services]) sheet.text(line, { gap: 1 });
  if (read.left.length > 0) sheet.text(`Not noted: ${read.left.join(', ')}.`);
}
