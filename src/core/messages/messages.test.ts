import { describe, expect, it } from 'vitest';
import { testCar } from '../../../tests/builders/car';
import { begun, entriesOf, idOf, noted, WALK } from '../../../tests/builders/entries';
import { composeReport } from '../report';
import { addressee } from './addressee';
import { mailTo, textTo } from './invitation';

const report = composeReport({
  id: idOf(0xd01),
  revision: 2,
  frozenAt: '2026-03-14T09:50:00.000Z',
  signedBy: 'Nell Harrick',
  yard: { name: 'Brindle', place: 'Port Averil', phone: '01632 960104', mail: 'desk@brindle.example' },
  car: testCar,
  walk: WALK,
  entries: entriesOf([begun, noted(1)]),
  photos: new Map(),
});
const link = 'http://127.0.0.1:4310/r/abc';

describe('what goes out with a link', () => {
  it('is a mail of facts, with the terms of the link and who signed', () => {
    const { subject, text } = mailTo(report, {
      link,
      expiresAt: '2026-06-12T10:00:00.000Z',
      hasPassphrase: true,
      note: 'As promised on the phone.',
    });
    expect(subject).toBe('Condition report: Fenlark Tessel (2017), revision 2');
    for (const said of [
      'As promised',
      link,
      'T-1',
      '1 finding',
      'until 2026-06-12',
      'passphrase',
      'Nell Harrick',
      'desk@brindle.example',
    ])
      expect(text).toContain(said);
  });

  it('is a text message that holds in three parts', () => {
    const text = textTo(report, { link, hasPassphrase: true, note: '' });
    expect(text).toContain(link);
    // Three concatenated GSM messages hold 3 × 153 signs (3GPP TS 23.040; from memory).
    expect(text.length).toBeLessThanOrEqual(459);
  });
});

describe('where it may go', () => {
  it.each([
    ['ida@town.example', { kind: 'mail', to: 'ida@town.example' }],
    [' +44 1632 960 104 ', { kind: 'text', to: '+441632960104' }],
    ['01632/960104', { kind: 'text', to: '01632960104' }],
    ['ida', undefined],
    ['12', undefined],
    ['ida@town.example\r\nBcc: all@town.example', undefined],
    [`${'a'.repeat(300)}@town.example`, undefined],
  ])('%o is %o', (typed, found) => expect(addressee(typed)).toEqual(found));
});
