import { Readable } from 'node:stream';
import { stringify } from 'csv-stringify/sync';
import { type Car, carTitle } from '#core/car';
import { YARD_FILE_VERSION, type YardFile } from '#core/exchange';
import { houseTable } from '#core/judge';
import { houseSpots } from '#core/weakSpots';
import { reportAsItStands } from '../archive/archiveOfWalk';
import { archiveTables } from '../archive/tables';
import type { ArchiveContents } from '../archive/writeArchive';
import { placesOf } from '../backup/places';
import type { Context } from '../context';
import { exportWalk } from '../reports/exchange';
import { pdfStream } from '../reports/pdf/pdfOf';
import { readme } from './readme';

type Stream = readonly [name: string, open: () => Readable];

/**
 * All that a yard would take with it, in open formats: cars, walks with their logs and frozen reports, tables, PDFs, photos and recordings as they were
 * taken. Passwords, sessions and links stay: they are of use here alone. Each file is made when its turn comes, so that memory does not grow with the yard.
 */
export function everything(context: Context): ArchiveContents {
  const { stores, now } = context;
  const cars = stores.cars.all();
  const walks = cars.flatMap((car) => stores.walks.ofCar(car.id).map(({ id }) => ({ id, car })));
  const reports = walks.flatMap(({ id, car }) =>
    stores.reports.ofWalk(id).map((report) => ({ ...report, car })),
  );
  const photos = photosOf(context);
  const recordings = recordingsOf(context);
  const yard: YardFile = {
    format: 'zelk-yard',
    version: YARD_FILE_VERSION,
    exportedAt: now().toISOString(),
    yard: stores.people.yard(),
    people: stores.people.list(),
    cars,
    counts: {
      walks: walks.length,
      photos: photos.length,
      recordings: recordings.length,
      reports: reports.length,
    },
  };
  return {
    at: now(),
    files: [
      ['README.txt', readme(yard)],
      ['yard.json', JSON.stringify(yard)],
      ['cars.csv', carsCsv(cars)],
      ...houseFiles(context),
    ],
    streams: [
      ...walks.flatMap(({ id, car }) => filesOfWalk(context, id, folderOf(car, id))),
      ...reports.map(({ id, revision, car }): Stream => {
        const name = `reports/${plain(car.stockNumber)}-revision-${revision}-${id.slice(-8)}.pdf`;
        return [name, () => pdf(context, id)];
      }),
      ...photos,
      ...recordings,
    ],
    pictures: [],
    recordings: [],
    copyOf: async () => undefined,
  };
}

/** What the house has set for planning, to be read elsewhere; nothing that it left as Zelk begins with. */
function houseFiles({ stores }: Context): [string, string][] {
  const words = stores.words.all();
  const [prices, crew, rules] = [stores.plans.prices(), stores.plans.crew(), stores.plans.rules()];
  const [table, spots, looks] = [stores.judge.table(), stores.judge.spots(), stores.diary.since('')];
  return [
    ...(words.length > 0 ? [['words.json', JSON.stringify(words)] as [string, string]] : []),
    ...(prices ? [['prices.json', JSON.stringify(prices)] as [string, string]] : []),
    ...(crew ? [['crew.json', JSON.stringify(crew)] as [string, string]] : []),
    ...(rules.off.length + rules.added.length > 0
      ? [['cure-rules.json', JSON.stringify(rules)] as [string, string]]
      : []),
    ...(table === houseTable ? [] : [['what-is-usual.json', JSON.stringify(table)] as [string, string]]),
    ...(spots.spots.length === houseSpots.length && spots.spots.every(({ setBy }) => setBy === 'house')
      ? []
      : [['weak-spots.json', JSON.stringify(spots)] as [string, string]]),
    ...(looks.length > 0 ? [['mornings.json', JSON.stringify({ looks })] as [string, string]] : []),
  ];
}

function filesOfWalk(context: Context, walk: string, folder: string): Stream[] {
  const { stores, now } = context;
  const json = (value: () => unknown) => () => Readable.from([JSON.stringify(value())]);
  return [
    [`${folder}/walk.json`, json(() => exportWalk(stores, walk, now()))],
    ...(stores.questions.count(walk) > 0
      ? [[`${folder}/questions.json`, json(() => stores.questions.ofWalk(walk))] as const]
      : []),
    ...(stores.arrivals.ofWalk(walk).length > 0
      ? [[`${folder}/checks.json`, json(() => stores.arrivals.ofWalk(walk))] as const]
      : []),
    [`${folder}/findings.csv`, () => Readable.from([findingsOf(context, walk)])],
  ];
}

function findingsOf(context: Context, walk: string): string {
  const report = reportAsItStands(context, walk)?.report;
  const tables = report ? archiveTables(report, []) : [];
  return tables.find(([name]) => name === 'findings.csv')?.[1] ?? '';
}

function pdf(context: Context, id: string): Readable {
  const stored = context.stores.reports.stored(id);
  return stored ? pdfStream(context, stored, 'a4') : Readable.from([]);
}

/** What of the files is here, as the list of kept files says: the disk is not asked for each. */
const keptIn = ({ stores, files }: Context) => {
  const places = new Set(placesOf(stores.db).map(({ place }) => place));
  return (path: string): boolean => places.has(files.relative(path));
};

/** The originals; the large copy where a photo came without one. */
function photosOf(context: Context): Stream[] {
  const { stores, files, away } = context;
  const isKept = keptIn(context);
  return stores.photos.known(stores.photos.storedOnes()).flatMap(({ record: { sha256, mime } }): Stream[] => {
    const original = files.original(sha256);
    if (isKept(original)) return [[`photos/${sha256}.${mime.split('/')[1]}`, () => away.open(original)]];
    const copy = files.derivative(sha256, 1600);
    return isKept(copy) ? [[`copies/${sha256}.jpeg`, () => away.open(copy)]] : [];
  });
}

function recordingsOf(context: Context): Stream[] {
  const { stores, files, away } = context;
  const isKept = keptIn(context);
  const known = stores.recordings.known(stores.recordings.storedOnes());
  return known.flatMap(({ record: { sha256, mime } }): Stream[] => {
    const file = [files.original(sha256), files.recording(sha256)].find(isKept);
    return file ? [[`recordings/${sha256}.${mime.split('/')[1]}`, () => away.open(file)]] : [];
  });
}

const plain = (text: string): string => text.replace(/[^\w.-]+/g, '-') || 'car';
const folderOf = (car: Car, walk: string): string => `walks/${plain(car.stockNumber)}-${walk.slice(0, 8)}`;

const columns = [
  'stockNumber',
  'make',
  'model',
  'variant',
  'year',
  'bodyStyle',
  'colour',
  'fuel',
  'plate',
  'identityNumber',
  'country',
  'createdAt',
] as const;

function carsCsv(cars: readonly Car[]): string {
  return stringify(
    [['car', ...columns], ...cars.map((car) => [carTitle(car), ...columns.map((name) => car[name])])],
    {
      record_delimiter: 'windows',
      escape_formulas: true,
      quoted_match: /[\r\n\u0085\u2028\u2029]/,
    },
  );
}
