import { z } from 'zod';

// Schemas try once whether they may compile themselves. The content policy forbids that, and to report it the browser reads the whole script
// again: a third of a second on a phone. Imported before any schema is made.
z.config({ jitless: true });
