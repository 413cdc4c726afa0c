import { vocabularyOf } from '../../car';
import { thirdName } from '../../walk';
import { sentence } from '../../wording';
import { paintDrawing } from '../drawings/paintDrawing';
import { screenDrawing } from '../drawings/screenDrawing';
import type { ReportDocument } from '../reportDocument';
import { type Block, bold, heading, line, quiet } from './block';

/** Tyres, wheels, paint, screen, functions, kit and papers, as far as they were read. */
export const readingBlocks = (report: ReportDocument): Block[] => [
  ...tyres(report),
  ...wheels(report),
  ...paint(report),
  ...screen(report),
  ...functions(report),
  ...kit(report),
  ...papers(report),
];

const whenWord = { now: 'Replace now', soon: 'Within the year', later: 'Good' } as const;

function tyres(report: ReportDocument): Block[] {
  const vocabulary = vocabularyOf(report.car);
  const title = heading(vocabulary === 'us' ? 'Tires' : 'Tyres');
  if (!report.tyres) {
    const { treads } = report;
    return treads.length === 0 ? [] : [title, ...treads.map(({ name, depth }) => line(`${name}: ${depth}`))];
  }
  const { law, summary, rows, matching } = report.tyres;
  return [
    title,
    ...(summary ? [bold(`${summary}.`)] : []),
    {
      is: 'table',
      shares: [0.2, 0.08, 0.09, 0.08, 0.15, 0.4],
      head: [
        '',
        'Outer',
        sentence(thirdName('centre', vocabulary)),
        'Inner',
        '',
        'Why, and what stands on it',
      ],
      rows: rows.map((row) => {
        // One figure for the whole tread stands in the middle.
        const thirds = row.whole ? ['', row.whole, ''] : [row.outer, row.centre, row.inner];
        const made = [row.make, row.made].filter(Boolean).join('. ');
        const left = row.left === undefined ? '' : `, ${row.left} % left`;
        return [
          row.name,
          ...thirds,
          row.when ? `${whenWord[row.when]}${left}` : 'Not read',
          [`${row.says}.`, made && `${made}.`].filter(Boolean).join(' '),
        ];
      }),
    },
    ...matching.map((each) => line(`Do not match. ${each}.`)),
    quiet(`Limit used: ${law}.`),
  ];
}

function wheels({ wheels: read }: ReportDocument): Block[] {
  if (!read) return [];
  return [
    heading('Wheels and what shows of the brakes'),
    ...read.rows.map(({ name, rim, damage, says, brake }) =>
      line(
        `${[name, rim].filter(Boolean).join(', ')}: ${[damage && `${damage}.`, says, brake && `Brake as seen: ${brake}.`].filter(Boolean).join(' ')}`,
      ),
    ),
    ...(read.set ? [line(read.set)] : []),
  ];
}

function paint(report: ReportDocument): Block[] {
  if (!report.paint) return [];
  const { says, rows, unit } = report.paint;
  const unread = rows.filter(({ um, class: found }) => um.length === 0 && found !== 'cannot-read');
  return [
    heading('Paint depth'),
    ...says.map(line),
    { is: 'drawing', drawing: paintDrawing(report, report.paint) },
    quiet(
      `Figures are what is typical of a panel’s readings, in ${unit === 'um' ? 'µm' : 'mil'}. Hatched parts are not metal and cannot be read.`,
    ),
    {
      is: 'table',
      shares: [0.22, 0.1, 0.18, 0.5],
      head: ['Panel', 'Typical', 'Compared with this car', 'Why'],
      rows: rows
        .filter(({ um }) => um.length > 0)
        .map(({ name, median, className, says: why }) => [name, median, className, why]),
    },
    ...(unread.length > 0 ? [line(`Not read: ${unread.map(({ name }) => name).join('; ')}.`)] : []),
  ];
}

function screen(report: ReportDocument): Block[] {
  if (!report.screen) return [];
  const { summary, rows, rule } = report.screen;
  return [
    heading('The screen, from outside'),
    { is: 'drawing', drawing: screenDrawing(report.screen) },
    ...(summary ? [bold(`${summary}.`)] : []),
    ...rows.map(({ number, says, repair }) => line(`${number}. ${says}; ${repair}.`)),
    quiet(`Rule used: ${rule}.`),
  ];
}

function functions({ functions: run }: ReportDocument): Block[] {
  if (!run) return [];
  return [
    heading('Does it work'),
    bold(`${run.summary}.`),
    ...(run.lampsSay ? [run.lampsOn?.length ? bold(`${run.lampsSay}.`) : line(`${run.lampsSay}.`)] : []),
    ...run.faulty.map(({ name, says, caution, photos = [] }) => {
      const shown = photos.length > 0 ? ` Photo ${photos.join(', ')}.` : '';
      return line(
        `Faulty: ${[name, says].filter(Boolean).join(', ')}.${caution ? ` ${caution}` : ''}${shown}`,
      );
    }),
    ...(run.recordings ?? []).map(({ name, of, seconds, says }) =>
      quiet(
        `${of === 'sound' ? 'Sound' : 'Video'} of ${Math.round(seconds)} s, to be played on the report’s page: ${[name, says].filter(Boolean).join('. ')}.`,
      ),
    ),
    ...(run.drive ? [line(`${run.drive}.`)] : []),
    ...run.works.map(({ group, names }) => line(`${group}, in order: ${names.join(', ')}.`)),
    ...(run.notTried.length > 0
      ? [line(`Not tried: ${run.notTried.map(({ name, says }) => `${name} (${says})`).join('; ')}.`)]
      : []),
    ...(run.left.length > 0 ? [line(`Not tried either: ${run.left.join('; ')}.`)] : []),
    ...(run.notFitted.length > 0 ? [line(`Not fitted: ${run.notFitted.join('; ')}.`)] : []),
  ];
}

function kit({ kit: along }: ReportDocument): Block[] {
  if (!along) return [];
  return [
    heading('What comes with it'),
    ...along.there.map(line),
    ...(along.missing.length > 0 ? [bold(`Not there: ${along.missing.join('; ')}.`)] : []),
    ...(along.left.length > 0 ? [line(`Not counted: ${along.left.join('; ')}.`)] : []),
    ...along.altered.map((each) => line(`Added or altered. ${each}.`)),
    ...along.notes.map(quiet),
    line(`Smell of the cabin: ${along.smell ?? 'not noted'}.`),
    ...along.cautions.map(bold),
  ];
}

function papers({ papers: read }: ReportDocument): Block[] {
  if (!read) return [];
  return [
    heading('Papers'),
    ...read.asks.map(bold),
    ...[...read.says, ...read.services].map(line),
    ...(read.left.length > 0 ? [line(`Not noted: ${read.left.join(', ')}.`)] : []),
  ];
}
