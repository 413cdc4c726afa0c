export {
  addDays,
  addMonths,
  type Day,
  dayOf,
  daySchema,
  daysBetween,
  monthsBetween,
} from './calendar';
export { compareNumbers } from './compareNumbers';
export {
  judgeOdometer,
  type OdometerPoint,
  type OdometerSource,
  type OdometerStory,
  rateOf,
  slipsOf,
} from './odometerPoints';
export { dayProblemMessage, parseDay } from './parseDay';
export { isFigureLine, type OdometerFigure, parseFigure } from './parseFigure';
export { parseService } from './parseService';
export {
  proofWords,
  type ServiceEntry,
  serviceEntrySchema,
} from './serviceEntry';
export {
  certificateWords,
  judgeService,
  type ServiceInterval,
  type ServiceStory,
  serviceWords,
} from './serviceHistory';
export { theilSen } from './theilSen';
