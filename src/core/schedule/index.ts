export { checkYard } from './checkYard';
export { rescheduleYard, scheduleYard } from './improve';
export { type Crew, HALF_DAY_MIN, type Schedule, type Task, type Yard } from './schedule';
export { costOf, lateOf, WEIGHTS } from './worth';
