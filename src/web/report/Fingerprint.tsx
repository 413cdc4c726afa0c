import { type ChangeEvent, useState } from 'react';
import { canonicalForm, fingerprintWords, type ReportDocument, reportDocumentSchema } from '#core/report';
import { buttonLook } from '../components/Button';
import { Notice } from '../components/Notice';
import { hashPhoto } from '../sync/hashPhoto';
import { Section } from './Section';

type Checked = { ok: boolean; says: string };

/** The report's fingerprint, and the way to hold a copy of the walk against it. */
export function Fingerprint({ report, sha256 }: { report: ReportDocument; sha256: string }) {
  const [checked, setChecked] = useState<Checked>();
  const choose = async (event: ChangeEvent<HTMLInputElement>) => {
    const [file] = event.target.files ?? [];
    event.target.value = '';
    if (file) setChecked(await check(file, report, sha256));
  };
  return (
    <Section title="Is this the report that was signed?">
      <p>
        Fingerprint of revision {report.revision} (SHA-256), the same as at the end of its PDF:{' '}
        <span className="font-bold tabular-nums">{fingerprintWords(sha256)}</span>
      </p>
      <label className={`${buttonLook()} mt-3 cursor-pointer focus-within:outline-3`}>
        Hold a copy against it
        <input className="sr-only" type="file" accept=".json,application/json" onChange={choose} />
      </label>
      <p className="mt-1 text-sm text-soft">
        A walk file (walk.json) or the report’s own JSON. It stays on this device.
      </p>
      {checked && (
        <Notice look={checked.ok ? 'info' : 'warn'} className="mt-2">
          {checked.says}
        </Notice>
      )}
    </Section>
  );
}

async function check(file: File, report: ReportDocument, sha256: string): Promise<Checked> {
  let raw: unknown;
  try {
    raw = JSON.parse(await file.text());
  } catch {
    return { ok: false, says: `${file.name} is not JSON. Choose the walk file that came with the report.` };
  }
  const reports = (raw as { reports?: unknown } | null)?.reports;
  const copies = (Array.isArray(reports) ? reports : [raw]).flatMap((each) => {
    const parsed = reportDocumentSchema.safeParse(each);
    return parsed.success ? [parsed.data] : [];
  });
  const copy = copies.find(({ id }) => id === report.id);
  if (!copy)
    return {
      ok: false,
      says: `There is no revision ${report.revision} of this report in ${file.name}. Choose the walk file saved after it was signed.`,
    };
  const found = await hashPhoto(new Blob([canonicalForm(copy)]));
  return found === sha256
    ? { ok: true, says: `The copy in ${file.name} is the report that was signed, to the letter.` }
    : {
        ok: false,
        says: `The copy in ${file.name} differs from the report that was signed: its fingerprint is ${fingerprintWords(found).slice(0, 19)} …`,
      };
}
