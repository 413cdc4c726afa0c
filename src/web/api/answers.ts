/** A refusal as the server words it (RFC 9457). */
export interface ProblemDocument {
  type: string;
  title: string;
  status: number;
  detail: string;
  errors?: { path: string; detail: string; code?: string; entry?: string }[];
}

/** The server understood and said no; the message says what to change. */
export class RefusedError extends Error {
  constructor(readonly problem: ProblemDocument) {
    super(problem.detail);
  }
}

/** The server cannot take it, or cannot be asked, now. */
export class UnreachableError extends Error {}

/** No answer came: out of signal, or the server is down. */
export class NoAnswerError extends UnreachableError {
  constructor(isChange: boolean) {
    const says = 'Zelk’s server cannot be reached.';
    super(isChange ? `${says} This was not saved: try again when there is signal.` : says);
  }
}

/** Nobody is signed in here any more. What waits to be sent goes on waiting. */
export class SignedOutError extends UnreachableError {
  constructor() {
    super('Nobody is signed in here any more. Sign in: what you did is kept on this device and sent then.');
  }
}

const leaving = new Set<() => void>();

/** Tells when the server knows nobody here any more. Gives back how to stop. */
export function onSignedOut(listener: () => void): () => void {
  leaving.add(listener);
  return () => leaving.delete(listener);
}

/** Asks, and gives back what was answered, whatever it is. Throws RefusedError or UnreachableError. */
export async function request(path: string, init: RequestInit): Promise<unknown> {
  const lost = () => new NoAnswerError(init.method !== undefined);
  let response: Response;
  try {
    response = await fetch(path, init);
  } catch {
    throw lost();
  }
  const body: unknown = await response.json().catch(() => undefined);
  // A page that is not ours, like that of a network one must sign in to, is no answer.
  if (response.ok && body === undefined) throw lost();
  if (response.ok) return body;
  if (isProblem(body) && body.type === '/problems/sign-in') {
    for (const listener of leaving) listener();
    throw new SignedOutError();
  }
  const isTold = isProblem(body);
  // Nothing is wrong with what was sent: it waits, and the person is told what for.
  if (isTold && (response.status === 507 || response.status === 503)) throw new UnreachableError(body.detail);
  // Something between us and the server answered, or the server is stopping: the same as no answer.
  if (!isTold || response.status >= 500) throw lost();
  throw new RefusedError(body);
}

function isProblem(body: unknown): body is ProblemDocument {
  const { type, title, status, detail, errors = [] } = (body ?? {}) as Record<string, unknown>;
  const areErrors =
    Array.isArray(errors) &&
    errors.every((each) => typeof each?.path === 'string' && typeof each?.detail === 'string');
  return (
    [type, title, detail].every((each) => typeof each === 'string') && typeof status === 'number' && areErrors
  );
}
