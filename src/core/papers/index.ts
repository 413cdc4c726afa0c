export { addDays, addMonths, type Day, dayOf, daysBetween, monthsBetween } from './calendar';
export { compareNumbers, type NumberRead } from './compareNumbers';
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
export { say as sayOfPapers } from './say';
export { type ServiceEntry, serviceEntrySchema } from './serviceEntrySchema';
export {
  certificateTold,
  judgeService,
  type ServiceInterval,
  type ServiceStory,
  serviceTold,
} from './serviceHistory';
export { proofWords } from './serviceWorks';
export { theilSen } from './theilSen';
export { paperWords } from './words';
