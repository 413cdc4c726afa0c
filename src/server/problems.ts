/** An expected failure, answered as an RFC 9457 problem document. The detail says in plain words what to change. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    readonly code: string,
    readonly title: string,
    readonly detail: string,
    readonly errors?: readonly ProblemPart[],
  ) {
    super(detail);
  }

  toJSON() {
    return {
      type: `/problems/${this.code}`,
      title: this.title,
      status: this.status,
      detail: this.detail,
      ...(this.errors && { errors: this.errors }),
    };
  }
}

/** One of several things wrong with a request. */
export interface ProblemPart {
  path: string;
  detail: string;
  code?: string;
  /** The entry it is about, where a request carries several. */
  entry?: string;
}

export const notFound = (what: string, advice = 'Check the link.') =>
  new Problem(404, 'not-found', `No such ${what}`, `There is no such ${what} here. ${advice}`);

export const badRequest = (code: string, detail: string, errors?: readonly ProblemPart[]) =>
  new Problem(400, code, 'The request cannot be taken', detail, errors);

export const conflict = (code: string, detail: string) =>
  new Problem(409, code, 'It does not fit what is already here', detail);

export const unprocessable = (code: string, detail: string, errors?: readonly ProblemPart[]) =>
  new Problem(422, code, 'It was understood, but cannot be taken', detail, errors);
