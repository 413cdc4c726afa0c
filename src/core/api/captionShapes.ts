import { z } from 'zod';

/** Whether the yard has something that writes down what is said in a film. */
export const captionsOfferedSchema = z.object({ isOffered: z.boolean() });
export type CaptionsOffered = z.output<typeof captionsOfferedSchema>;

/** What was written: captions in any of the forms that are read. */
export const captionsWrittenSchema = z.object({ text: z.string() });
export type CaptionsWritten = z.output<typeof captionsWrittenSchema>;
