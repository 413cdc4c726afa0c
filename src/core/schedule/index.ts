export { type BoardState, boardStateSchema, emptyBoard, moveBody, placeOf, slotOf } from './boardState';
export { checkYard } from './checkYard';
export { type CrewSet, crewSchema, crewsOver, daysFrom, usualCrew } from './crew';
export { rescheduleYard, scheduleYard } from './improve';
export { type Crew, HALF_DAY_MIN, type Schedule, type Task, type Yard } from './schedule';
export { type NamedTask, tasksOf } from './tasksOf';
export { rootWait, waitsWords } from './waitsWords';
export { MOST_WORK_PHOTOS, tasksLeft, type WorkSaid, workSaidSchema } from './workDone';
export { costOf, lateOf, WEIGHTS } from './worth';
