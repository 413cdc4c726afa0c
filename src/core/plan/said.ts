import type { Fault } from '../cures';
import type { Job } from './job';

/** A cure the walk named for a fault, and the jobs that are that cure of it: alone, with its panel, or with all of its kind. */
interface SaidJob {
  fault: string;
  by: readonly string[];
  /** It was promised: nobody takes it out of a plan, only the promise itself is changed. */
  isPromised: boolean;
}

/** What the walk said is done about some faults, a row for each cure; of a promise that names no cure any job will do. */
export function saidJobs(faults: readonly Fault[], jobs: readonly Job[]): SaidJob[] {
  return faults.flatMap(({ id, said = [], decision }): SaidJob[] => {
    const isPromised = decision?.is === 'promised';
    const mending = jobs.filter(({ mends }) => mends.includes(id));
    const rows = said.flatMap(({ cure }) => {
      const by = mending.filter((job) => job.cure === cure).map((job) => job.id);
      return by.length > 0 ? [{ fault: id, by, isPromised }] : [];
    });
    if (rows.length > 0 || !isPromised || mending.length === 0) return rows;
    return [{ fault: id, by: mending.map((job) => job.id), isPromised }];
  });
}

/** Faults that were promised to be put right. */
export const isPromisedFault = ({ decision }: Fault): boolean => decision?.is === 'promised';
