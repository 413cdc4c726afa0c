import type { Vocabulary } from '../car';
import { settle, type Told } from '../told';
import { COMPOSED_BY } from './composedBy';
import { paragraphOf } from './paragraph';
import type { ReportDocument } from './reportDocument';
import type { ReportInputs } from './reportInputs';
import { reportReadings } from './reportReadings';
import { cautionsOf, reasonsNotToDrive } from './sections/cautions';
import { dismissedFindings, findingsPutRight, standingFindings } from './sections/findings';
import { forItsAge } from './sections/forItsAge';
import { headOf } from './sections/head';
import { judgedTold } from './sections/judged';
import { limitsOf } from './sections/limits';
import { partsInOrder, treadsInOrder } from './sections/parts';
import { stoodTold } from './sections/stood';
import { notToDriveTold, summaryLines } from './sections/summary';
import { whatWasTold } from './sections/told';
import { toldFirst } from './sections/toldFirst';
import { weakSpotsTold } from './sections/weakSpots';
import { tellWalk, type WalkTold } from './walkTold';
import { englishOfReport } from './words';

/** Freezes a walk into the document every rendering is made from. Throws EmptyWalkError for a walk without its first entry. */
export function composeReport(inputs: ReportInputs): ReportDocument {
  const { told, vocabulary } = tellReport(inputs);
  const { inWords, messages } = settle<ReportDocument>(told, englishOfReport(vocabulary));
  return withoutUndefined({ ...inWords, messages });
}

/** The report before it is put into words. */
function tellReport(inputs: ReportInputs): { told: Told<ReportDocument>; vocabulary: Vocabulary } {
  const told = tellWalk(inputs);
  const findings = standingFindings(told);
  const putRight = findingsPutRight(told);
  const readings = readingsOf(told);
  const tellings = whatWasTold(told);
  const { otherWalks } = inputs;
  const notToDrive = notToDriveTold(reasonsNotToDrive(told, findings));
  const papers = told.facts.papers.isEmpty ? [] : told.facts.papers.asks.map(({ says }) => says);
  const document: Told<ReportDocument> = {
    ...headOf(told),
    composedBy: COMPOSED_BY,
    summary: summaryLines(findings, told.left.cover, { notToDrive, papers }, tellings.remedies),
    ...(notToDrive && { notToDrive }),
    findings,
    dismissed: dismissedFindings(told),
    ...(putRight.length > 0 && { putRight }),
    ...limitsOf(told, readings),
    ...toldFirst(told, findings),
    ...judgedTold(told, findings),
    parts: partsInOrder(told, findings, putRight),
    treads: treadsInOrder(told),
    ...tellings,
    ...forItsAge(told),
    ...weakSpotsTold(told),
    ...stoodTold(told),
    ...readings,
    ...(otherWalks && otherWalks.length > 0 && { otherWalks: [...otherWalks] }),
    photos: told.photos,
    cautions: cautionsOf(findings, readings),
  };
  const paragraph = paragraphOf({ ...document, papersAsk: papers, year: inputs.car.year });
  return { told: { ...document, paragraph }, vocabulary: told.vocabulary };
}

function readingsOf(told: WalkTold) {
  const { inputs, state, photos } = told;
  const photosOf = (id: string) => {
    const shown = new Set(state.photos.flatMap((photo) => (photo.function === id ? [photo.sha256] : [])));
    return photos.flatMap(({ sha256, number }) => (shown.has(sha256) ? [number] : []));
  };
  return reportReadings(told, { photosOf, otherWalks: inputs.otherWalks ?? [] });
}

/** Absent and undefined mean the same; JSON keeps only the first, and a frozen document must equal its copy. */
function withoutUndefined(document: ReportDocument): ReportDocument {
  return JSON.parse(JSON.stringify(document)) as ReportDocument;
}
