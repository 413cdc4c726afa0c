import { canonicalForm, fingerprintWords, type ReportDocument, reportDocumentSchema } from '#core/report';
import { hashPhoto } from '../sync/hashPhoto';

export type Checked = { ok: boolean; says: string };

/** Holds a copy of a report, alone or within a walk file, against the report that was signed. The file stays on the device. */
export async function checkCopy(file: File, report: ReportDocument, sha256: string): Promise<Checked> {
  let raw: unknown;
  try {
    raw = JSON.parse(await file.text());
  } catch {
    return { ok: false, says: `${file.name} is not JSON. Choose the walk file that came with the report.` };
  }
  const reports = (raw as { reports?: unknown } | null)?.reports;
  const copies = (Array.isArray(reports) ? reports : [raw]).flatMap((each) => {
    const parsed = reportDocumentSchema.safeParse(each);
    return parsed.success ? [{ id: parsed.data.id, asItIs: each as object, filledIn: parsed.data }] : [];
  });
  const copy = copies.find(({ id }) => id === report.id);
  if (!copy)
    return {
      ok: false,
      says: `There is no revision ${report.revision} of this report in ${file.name}. Choose the walk file saved after it was signed.`,
    };
  // As it stands in the file. Fingerprints of the first reports were worked out with later fields filled in.
  const found = await hashPhoto(new Blob([canonicalForm(copy.asItIs)]));
  const isSame = found === sha256 || (await hashPhoto(new Blob([canonicalForm(copy.filledIn)]))) === sha256;
  return isSame
    ? { ok: true, says: `The copy in ${file.name} is the report that was signed, to the letter.` }
    : {
        ok: false,
        says: `The copy in ${file.name} differs from the report that was signed: its fingerprint is ${fingerprintWords(found).slice(0, 19)} …`,
      };
}
