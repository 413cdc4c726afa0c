import { passwordProblem } from '#core/people';
import { unprocessable } from '../problems';
import { commonOnes, keep } from './passwords';

/** What is kept of a new password; throws a Problem that says what to change. */
export async function takePassword(password: string, name: string): Promise<string> {
  const common = await commonOnes();
  const problem = passwordProblem(password, name, (small) => common.has(small));
  if (problem) throw unprocessable('password', problem);
  return keep(password);
}
