export { type CarForSheet, carOnSheet, mapOfTasks, tasksOnSheet } from './sheetCar';
