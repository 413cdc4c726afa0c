import { describe, expect, it } from 'vitest';
import { bodyStyle, type Part } from '../car';
import { cautionAt, cautionIds, cautionSays } from './cautions';
import { adviceAt, type Conditions, dirtStates, lights, type PaintTone, wetStates } from './conditions';
import { mayHaveHidden } from './hiding';
import { conditionLine } from './tellStory';
import { inEnglish, say } from './words';

const hidden = (noted: readonly Conditions[], tone: PaintTone) =>
  mayHaveHidden(noted, tone).map((id) => inEnglish(say(`hides.${id}`), 'uk'));

const good: Conditions = { light: 'overcast', wet: 'dry', dirt: 'clean' };
const style = bodyStyle('hatch-5');
const part = (id: string) => style.parts.get(id) as Part;

describe('what conditions may have hidden', () => {
  it('is nothing for a clean dry mid-tone car under an even sky', () => {
    expect(hidden([good], 'mid')).toEqual([]);
    expect(hidden([], 'white')).toEqual([]);
  });

  it('says what rain, dirt, dusk, sun and pale paint hide, each once', () => {
    const wetDusk: Conditions = { light: 'dusk', wet: 'wet', dirt: 'dirty' };
    const said = hidden([wetDusk, wetDusk, { ...good, light: 'low-sun' }], 'white');
    expect(said).toHaveLength(5);
    expect(new Set(said).size).toBe(5);
    expect(said.join(' ')).toMatch(/swirls and ripples/);
    expect(said.join(' ')).toMatch(/nearly everything in the cabin/);
  });

  it('tells dust on dark paint from dust on pale paint', () => {
    const dusty: Conditions = { ...good, dirt: 'dusty' };
    expect(hidden([dusty], 'black')[0]).toMatch(/looks like damage/);
    expect(hidden([dusty], 'mid')).toEqual(['Dust covers fine marks.']);
  });

  it('has words for every state', () => {
    for (const light of lights)
      for (const wet of wetStates)
        for (const dirt of dirtStates)
          expect(conditionLine({ light, wet, dirt, place: 'bay 4' })).toMatch(/^[a-z].*; bay 4$/);
  });
});

describe('advice at a stop', () => {
  it.each([
    [{ ...good, dirt: 'dusty' } as Conditions, 'black', 'door-fl', 'Dark and dusty: wipe before you log.'],
    [
      { ...good, wet: 'wet' } as Conditions,
      'mid',
      'windscreen',
      'Wet: wipe it dry before you log a mark here.',
    ],
    [
      { ...good, light: 'dusk' } as Conditions,
      'mid',
      'bonnet',
      'Little light: hold a lamp low along the panel.',
    ],
    [good, 'white', 'door-fr', 'Pale paint hides dents: sight along the panel.'],
    [good, 'mid', 'door-fr', undefined],
    [{ ...good, wet: 'wet' } as Conditions, 'mid', 'seat-fl', undefined],
    [
      { ...good, light: 'dark' } as Conditions,
      'mid',
      'seat-fl',
      'Dark inside: put the lamps on before you look.',
    ],
    [{ ...good, wet: 'wet' } as Conditions, 'mid', 'tyre-fl', undefined],
  ] as const)('%o on %s paint at %s', (conditions, tone, id, advice) => {
    expect(adviceAt(conditions, tone, part(id))).toBe(advice);
  });
});

describe('cautions', () => {
  const petrol = { fuel: 'petrol' } as const;
  const none = new Set<never>();

  it('stand where they matter and nowhere else', () => {
    expect(cautionAt(part('enginecover'), petrol, none)).toBe('engine');
    expect(cautionAt(part('enginecover'), { fuel: 'electric' }, none)).toBe('high-voltage');
    expect(cautionAt(part('floor'), petrol, none)).toBe('jack');
    expect(cautionAt(part('seat-fl'), petrol, none)).toBe('airbags');
    expect(cautionAt(part('roof'), petrol, none)).toBeUndefined();
  });

  it('are not said again once read', () => {
    expect(cautionAt(part('floor'), petrol, new Set(['jack'] as const))).toBeUndefined();
  });

  it('are short and speak both vocabularies', () => {
    for (const id of cautionIds)
      for (const vocabulary of ['uk', 'us'] as const) {
        const says = cautionSays(id, vocabulary);
        expect(says.length).toBeLessThan(170);
        expect(says).not.toMatch(vocabulary === 'us' ? /bonnet|tyre|tailgate/ : /hood|tire/);
      }
  });
});
