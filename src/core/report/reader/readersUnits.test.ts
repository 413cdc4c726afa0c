import { describe, expect, it } from 'vitest';
import { fullWalk } from '../../../../tests/builders/fullWalk';
import { reportOf } from '../../../../tests/builders/report';
import { alsoIn, readersUnits, unitsOfLanguage, withReadersUnits } from './readersUnits';

/* One inch is 25.4 mm and one mile 1.609344 km, exactly (international yard and pound agreement, 1959); a mil is a thousandth of an inch. */
describe('a report in the units of its reader', () => {
  it.each([
    ['Dent, 46 mm across', 'miles-in', false, 'Dent, 46 mm (1.8 in) across'],
    ['Scuff, 120 mm × 50 mm', 'miles-in', false, 'Scuff, 120 mm (4.7 in) × 50 mm (2 in)'],
    ['largest 5 mm', 'miles-in', false, 'largest 5 mm (0.2 in)'],
    ['4 to 5 mm', 'miles-in', true, '4 to 5 mm (5/32 to 6.3/32 in)'],
    ['1.6 mm left', 'miles-in', true, '1.6 mm (2/32 in) left'],
    ['1.4 mm left', 'miles-in', true, '1.4 mm (1.8/32 in) left'],
    ['4/32 in left', 'km-mm', true, '4/32 in (3.2 mm) left'],
    ['typically 110 to 123 µm', 'miles-in', false, 'typically 110 to 123 µm (4.3 to 4.8 mil)'],
    ['4.6 mil', 'km-mm', false, '4.6 mil (117 µm)'],
    [
      'between 31,420 miles and 39,610 miles',
      'km-mm',
      false,
      'between 31,420 miles (50,566 km) and 39,610 miles (63,746 km)',
    ],
    ['12,000 km a year', 'miles-mm', false, '12,000 km (7,456 miles) a year'],
  ] as const)('%s, for %s', (text, units, isTread, said) => {
    expect(alsoIn(text, units, isTread)).toBe(said);
  });

  it('leaves alone what is told both ways already, sizes that are names, and other words', () => {
    for (const text of [
      '48,213 miles (77,591 km)',
      '1.81 in (46 mm)',
      'Ortal 205/45R17 88V',
      'milk, 3 milestones, 12 immediate',
      '17 in rim',
    ])
      for (const units of readersUnits) expect(alsoIn(text, units)).toBe(text);
  });

  it('changes nothing that was written, and no word of a person', () => {
    const report = reportOf([...fullWalk]);
    const before = JSON.stringify(report);
    const told = withReadersUnits(report, 'miles-in');
    expect(JSON.stringify(report)).toBe(before);
    expect(told.findings.map(({ note }) => note)).toEqual(report.findings.map(({ note }) => note));
    expect(told.car).toEqual(report.car);
    // Without what was added it is the report again.
    expect(JSON.stringify(told).replaceAll(/ \((?:[\d.,/]+ to )?[\d.,/]+ (?:in|mil|miles)\)/g, '')).toBe(
      before.replaceAll(/ \((?:[\d.,/]+ to )?[\d.,/]+ (?:in|mil|miles)\)/g, ''),
    );
    expect(JSON.stringify(told)).toMatch(/mm \([\d.]+ in\)/);
  });

  it('go by the country a device is set to, where it names one', () => {
    expect(unitsOfLanguage('en-US')).toBe('miles-in');
    expect(unitsOfLanguage('en-GB')).toBe('miles-mm');
    expect(unitsOfLanguage('de-DE')).toBe('km-mm');
    expect(unitsOfLanguage('en')).toBeUndefined();
  });
});
