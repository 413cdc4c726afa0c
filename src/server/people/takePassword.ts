import { passwordProblem } from '#core/people';
import { unprocessable } from '../problems';
import { isCommon, keep } from './passwords';

/** What is kept of a new password; throws a Problem that says what to change. */
export async function takePassword(password: string, name: string): Promise<string> {
  const problem = passwordProblem(password, name, isCommon);
  if (problem) throw unprocessable('password', problem);
  return keep(password);
}
