import { type ChangeEvent, useState } from 'react';
import type { ReportDocument } from '#core/report';
import { fingerprintWords } from '#core/report';
import { buttonLook } from '../components/Button';
import { Notice } from '../components/Notice';
import type { Checked } from './checkCopy';
import { Section } from './Section';

/** The report's fingerprint, and the way to hold a copy of the walk against it. */
export function Fingerprint({ report, sha256 }: { report: ReportDocument; sha256: string }) {
  const [checked, setChecked] = useState<Checked>();
  const choose = async (event: ChangeEvent<HTMLInputElement>) => {
    const [file] = event.target.files ?? [];
    event.target.value = '';
    if (!file) return;
    const { checkCopy } = await import('./checkCopy');
    setChecked(await checkCopy(file, report, sha256));
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
