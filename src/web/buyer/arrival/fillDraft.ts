import { type FilledCheck, filledCheckSchema } from '#core/arrival';
import type { ReportDocument } from '#core/report';
import type { Draft } from './draftStore';

/** A check not begun yet. Units are those of the report's own figure. */
export const newDraft = (link: string, id: string, report: ReportDocument, begunAt: string): Draft => ({
  link,
  id,
  report,
  occasion: 'arrival',
  name: '',
  role: '',
  place: '',
  odometer: '',
  unit: report.odometerRead?.unit ?? 'km',
  begunAt,
  answers: {},
  remarks: '',
  signature: [],
});

export type Filled =
  | { ok: true; check: FilledCheck }
  | { ok: false; problems: Partial<Record<Place, string>> };
/** Where on the screen something is to be changed. */
export type Place = 'name' | 'place' | 'odometer' | 'answers' | 'signature';

/** What was typed and tapped as a check to be signed, or what to change first, by its place. */
export function fillDraft(draft: Draft, signedAt: string): Filled {
  const { id, report, occasion, name, role, place, begunAt, answers, remarks, signature, unit } = draft;
  const odometer = draft.odometer.replace(/[\s,.]/g, '');
  const parsed = filledCheckSchema.safeParse({
    id,
    revision: report.revision,
    occasion,
    name,
    role,
    place,
    begunAt,
    signedAt,
    ...(odometer !== '' && { odometer: { value: Number(odometer), unit } }),
    answers: Object.entries(answers).flatMap(([part, { verdict, note, photos }]) =>
      verdict ? [{ part, verdict, note, photos }] : [],
    ),
    remarks,
    signature,
  });
  if (parsed.success) return { ok: true, check: parsed.data };
  const problems: Partial<Record<Place, string>> = {};
  for (const { path, message } of parsed.error.issues) {
    const [first] = path;
    const at: Place =
      first === 'name' || first === 'place' || first === 'odometer' || first === 'signature'
        ? first
        : 'answers';
    problems[at] ??= at === 'odometer' ? 'Type the odometer in figures, without anything else.' : message;
  }
  return { ok: false, problems };
}

/** Parts marked different that say nothing yet. */
export const unsaid = ({ answers }: Draft): string[] =>
  Object.entries(answers).flatMap(([part, { verdict, note, photos }]) =>
    verdict === 'different' && note.trim() === '' && photos.length === 0 ? [part] : [],
  );
