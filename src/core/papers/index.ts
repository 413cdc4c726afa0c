export {
  addDays,
  addMonths,
  type Day,
  dayOf,
  daySchema,
  daysBetween,
  monthsBetween,
  speakDay,
  yearsBetween,
} from './calendar';
export { compareNumbers, type NumberDifference, type NumberRead } from './compareNumbers';
export {
  judgeOdometer,
  type OdometerFault,
  type OdometerFlag,
  type OdometerPoint,
  type OdometerSource,
  type OdometerStory,
  odometerSources,
  rateOf,
  slipsOf,
} from './odometerPoints';
export { type DayReading, dayProblemMessage, parseDay } from './parseDay';
export { type FigureReading, isFigureLine, type OdometerFigure, parseFigure } from './parseFigure';
export { parseService, type ServiceReading } from './parseService';
export {
  type Proof,
  proofs,
  proofWords,
  type ServiceEntry,
  type ServiceWork,
  serviceEntrySchema,
  serviceWorkIds,
  serviceWorks,
} from './serviceEntry';
export {
  type CarNow,
  type Completeness,
  certificateWords,
  judgeService,
  type ServiceInterval,
  type ServiceSpan,
  type ServiceStory,
  serviceWords,
} from './serviceHistory';
export { theilSen } from './theilSen';
