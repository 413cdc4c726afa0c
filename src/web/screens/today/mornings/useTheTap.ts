import { useTyped } from '../../../components/useTyped';
import type { Seen } from '../../../diary/useMornings';

/** What one looks at each morning: what the one tap may say. */
export const tapParts = ['start', 'level', 'under', 'lamps', 'tyres'] as const;
export type TapPart = (typeof tapParts)[number];

export const tapWords: Record<TapPart, string> = {
  start: 'started at once',
  level: 'level',
  under: 'no drops',
  lamps: 'no lamp',
  tyres: 'tyres hold',
};

const fine = {
  start: { start: 'at-once' },
  level: { level: 'level' },
  under: { under: 'dry' },
  lamps: { lamps: 'none' },
  tyres: { tyres: 'hold' },
} as const satisfies Record<TapPart, Seen>;

/** What the tap says of a car where all is as it should be. */
export const seenByTap = (tap: readonly TapPart[]): Seen =>
  Object.assign({}, ...tap.map((part) => fine[part]));

/** What the tap stands for, as this person chose it on this device. */
export function useTheTap() {
  const { value, setValue } = useTyped<{ parts: readonly TapPart[] }>('morning-tap', {
    parts: ['start', 'level', 'under'],
  });
  const tap = tapParts.filter((part) => value.parts.includes(part));
  const change = (part: TapPart, isOn: boolean) =>
    setValue({ parts: tapParts.filter((each) => (each === part ? isOn : tap.includes(each))) });
  return { tap, change };
}
