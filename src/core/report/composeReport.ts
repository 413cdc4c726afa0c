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
import { whatWasTold } from './sections/told';
import { toldFirst } from './sections/toldFirst';
import { weakSpotsTold } from './sections/weakSpots';
import { tellWalk, type WalkTold } from './walkTold';
import { summaryLines } from './wording';

/** Freezes a walk into the document every rendering is made from. Throws EmptyWalkError for a walk without its first entry. */
export function composeReport(inputs: ReportInputs): ReportDocument {
  const told = tellWalk(inputs);
  const findings = standingFindings(told);
  const putRight = findingsPutRight(told);
  const readings = readingsOf(told);
  const tellings = whatWasTold(told);
  const { otherWalks } = inputs;
  const flags = {
    notToDrive: reasonsNotToDrive(findings, readings),
    papers: readings.papers?.asks ?? [],
  };
  const document: ReportDocument = {
    ...headOf(told),
    composedBy: COMPOSED_BY,
    summary: summaryLines(findings, told.left.cover, flags, tellings.remedies),
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
    cautions: cautionsOf(findings, readings, told.vocabulary),
  };
  const paragraph = paragraphOf(
    { ...document, notToDrive: flags.notToDrive, year: inputs.car.year },
    told.vocabulary,
  );
  return withoutUndefined({ ...document, paragraph });
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
