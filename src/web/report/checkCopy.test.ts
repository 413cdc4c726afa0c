import { describe, expect, it } from 'vitest';
import { canonicalForm } from '#core/report';
import { idOf } from '../../../tests/builders/entries';
import { fullWalk } from '../../../tests/builders/fullWalk';
import { sha256Of } from '../../../tests/builders/photos';
import { reportOf } from '../../../tests/builders/report';
import { checkCopy } from './checkCopy';

const report = reportOf(fullWalk, { revision: 2 });
const sha256 = sha256Of(Buffer.from(canonicalForm(report)));
const check = (text: string) => checkCopy(new File([text], 'walk.json'), report, sha256);

describe('a copy held against the report that was signed', () => {
  it('is the same alone, within a walk file, and with its fields in another order', async () => {
    const turned = Object.fromEntries(Object.entries(report).reverse());
    for (const copy of [report, { reports: [report] }, turned, { reports: [{ id: 'no report' }, turned] }])
      expect(await check(JSON.stringify(copy))).toEqual({
        ok: true,
        says: 'The copy in walk.json is the report that was signed, to the letter.',
      });
  });

  it('frozen before a field came is the same, held against itself as it was signed', async () => {
    const { conditions: _c, mayHide: _m, ...early } = report;
    const signed = sha256Of(Buffer.from(canonicalForm(early)));
    const copy = new File([JSON.stringify(early)], 'walk.json');
    expect(await checkCopy(copy, report, signed)).toMatchObject({ ok: true });
    // The first fingerprints were worked out with such fields filled in.
    const filledIn = sha256Of(Buffer.from(canonicalForm({ ...early, conditions: [], mayHide: [] })));
    expect(await checkCopy(copy, report, filledIn)).toMatchObject({ ok: true });
  });

  it('differs by a single word, and says by which fingerprint', async () => {
    const { ok, says } = await check(JSON.stringify({ ...report, signedBy: 'Nell Harrik' }));
    expect(ok).toBe(false);
    expect(says).toMatch(/^The copy in walk\.json differs .* fingerprint is [0-9a-f ]{19} …$/);
  });

  it.each([
    ['not json', 'walk.json is not JSON.'],
    ['null', 'There is no revision 2 of this report in walk.json.'],
    ['{"reports":[]}', 'There is no revision 2'],
    [JSON.stringify({ ...report, id: idOf(0xd09) }), 'There is no revision 2'],
    [JSON.stringify({ ...report, findings: 'none' }), 'There is no revision 2'],
  ])('that is none is told in plain words: %.30s', async (text, says) => {
    const checked = await check(text);
    expect(checked.ok).toBe(false);
    expect(checked.says).toContain(says);
  });
});
