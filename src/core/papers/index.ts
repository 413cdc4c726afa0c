export { addDays, addMonths, type Day, dayOf, daysBetween, monthsBetween } from './calendar';
export { compareNumbers } from './compareNumbers';
export { daySchema } from './daySchema';
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
export { type ServiceEntry, serviceEntrySchema } from './serviceEntrySchema';
export {
  certificateWords,
  judgeService,
  type ServiceInterval,
  type ServiceStory,
  serviceWords,
} from './serviceHistory';
export { proofWords } from './serviceWorks';
export { theilSen } from './theilSen';
