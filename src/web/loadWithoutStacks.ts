// React makes some errors while it loads, to know them again later. To say where each was made the browser would read the whole script once more:
// half a second on a phone, for stacks that nobody asks for. Imported first; put back once everything is loaded. A limit of 0 would not do: the
// place is looked up all the same.
const errors = Error as { stackTraceLimit?: number | undefined };
const usual = errors.stackTraceLimit;
errors.stackTraceLimit = undefined;

/** Errors tell again where they were made. */
export function stacksAgain(): void {
  errors.stackTraceLimit = usual;
}
