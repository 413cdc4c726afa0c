import { vocabularyOf } from '../../car';
import { equipmentLines } from '../blocks/toldBlocks';
import type { ReportDocument } from '../reportDocument';
import type { ReaderArea } from './verdicts';

/** Chapters of the page, by the ids they are linked by. */
const chapterIds = [
  'map',
  'questions',
  'changes',
  'findings',
  'promised',
  'arrival',
  'put-right',
  'not-looked-at',
  'light',
  'follow',
  'sides',
  'age',
  'weak-spots',
  'stood',
  'story',
  'drove',
  'equipment',
  'parts',
  'tyres',
  'wheels',
  'paint',
  'screen',
  'works',
  'kit',
  'papers',
  'photos',
  'no-faults',
  'made',
] as const;
export type ChapterId = (typeof chapterIds)[number];

export interface Chapter {
  id: ChapterId;
  title: string;
}

/** Chapters a report has something in, in the order of the page. */
export function chaptersOf(report: ReportDocument): Chapter[] {
  const {
    findings,
    remedies = [],
    putRight = [],
    othersPutRight = [],
    conditions,
    dismissed,
    photos,
  } = report;
  const { statements = [], build = [], story = [], drove = [], equipment, toFollow = [] } = report;
  const { forItsAge, weakSpots, stood } = report;
  const isUs = vocabularyOf(report.car) === 'us';
  const all: readonly [ChapterId, string, boolean][] = [
    ['promised', 'What is promised', [...findings, ...remedies].some(({ promised }) => promised)],
    ['map', 'Where the findings are', findings.length > 0],
    ['arrival', 'When you collect or receive it', true],
    ['findings', 'Every finding', findings.length > 0],
    ['put-right', 'What was put right', putRight.length + othersPutRight.length > 0],
    ['not-looked-at', 'What was not looked at', true],
    ['light', 'In what light', conditions.length > 0],
    ['follow', 'Still to follow', toFollow.length > 0],
    ['sides', 'Of sides and the whole car', statements.length + build.length > 0],
    ['age', 'For its age and distance', forItsAge !== undefined],
    ['weak-spots', 'What such cars are known for', weakSpots !== undefined],
    ['stood', 'The days it stood', stood !== undefined],
    ['story', 'Its story', story.length > 0],
    ['drove', 'How it drove', drove.length > 0],
    ['equipment', 'Equipment', equipment !== undefined && equipmentLines(equipment).length > 0],
    ['parts', 'Part by part', true],
    ['tyres', isUs ? 'Tires' : 'Tyres', (report.tyres?.rows.length ?? 0) + report.treads.length > 0],
    ['wheels', 'Wheels', (report.wheels?.rows.length ?? 0) > 0],
    ['paint', 'Paint depth', report.paint !== undefined],
    ['screen', isUs ? 'The windshield' : 'The windscreen', report.screen !== undefined],
    ['works', 'Does it work', report.functions !== undefined],
    ['kit', 'What comes with it', report.kit !== undefined],
    ['papers', 'Papers', report.papers !== undefined],
    ['photos', 'Photos', photos.length > 0],
    ['no-faults', 'Looks like a fault, but is not', dismissed.length > 0],
    ['made', 'How it was made', true],
  ];
  return all.flatMap(([id, title, isThere]) => (isThere ? [{ id, title }] : []));
}

const ofArea: Record<ReaderArea, readonly ChapterId[]> = {
  body: ['findings', 'parts'],
  tyres: ['tyres', 'not-looked-at'],
  paint: ['paint', 'not-looked-at'],
  works: ['works', 'not-looked-at'],
  papers: ['papers', 'not-looked-at'],
  'not-seen': ['not-looked-at'],
};

/** The chapter that tells more of a verdict: its own where there is one, otherwise what was not looked at. */
export function chapterOfArea(area: ReaderArea, chapters: readonly Chapter[]): ChapterId {
  const [first, ...others] = ofArea[area];
  const here = new Set(chapters.map(({ id }) => id));
  return [first as ChapterId, ...others].find((id) => here.has(id)) ?? 'not-looked-at';
}
