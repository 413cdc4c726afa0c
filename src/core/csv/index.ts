export { type CsvCells, type CsvRead, csvNumber, firstProblems, type ParseCsv } from './csv';
