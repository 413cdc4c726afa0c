import type { ReportDocument } from '../reportDocument';

/** Engine, gearbox, driven wheels, trim and paint, those that were filled in. */
export const buildFacts = (car: ReportDocument['car']): [name: string, value: string][] => {
  const facts: [string, string | undefined][] = [
    ['Engine', car.engine],
    ['Gearbox', car.gearbox],
    ['Driven wheels', car.driven === 'not-said' ? '' : car.driven],
    ['Trim', car.trim],
    ['Special paint', car.specialPaint],
  ];
  return facts.flatMap(([name, value]): [string, string][] => (value ? [[name, value]] : []));
};
