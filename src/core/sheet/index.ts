export { carOnSheet, mapOfTasks, tasksOnSheet } from './sheetCar';
