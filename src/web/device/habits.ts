import { useSyncExternalStore } from 'react';

/** What this device does by itself; each can be switched off. */
export const deviceHabits = {
  vibrates: 'Short vibration on Clear and on a finding',
  staysAwake: 'Keep the screen on during a walk',
  opensWithMorning: 'Open with “This morning”, for whoever looks after the yard',
} as const;
export type DeviceHabit = keyof typeof deviceHabits;

const keyOf = (habit: DeviceHabit) => `zelk.off.${habit}`;
/** As chosen in this page, where storage is refused. */
const chosen = new Map<DeviceHabit, boolean>();
const listeners = new Set<() => void>();

export function isOn(habit: DeviceHabit): boolean {
  try {
    return localStorage.getItem(keyOf(habit)) === null && chosen.get(habit) !== false;
  } catch {
    return chosen.get(habit) ?? true;
  }
}

export function switchHabit(habit: DeviceHabit, on: boolean): void {
  chosen.set(habit, on);
  try {
    if (on) localStorage.removeItem(keyOf(habit));
    else localStorage.setItem(keyOf(habit), 'off');
  } catch {
    // Storage that is refused or full: the choice lasts as long as the page.
  }
  for (const listener of listeners) listener();
}

const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => {
    listeners.delete(listener);
  };
};

export const useHabit = (habit: DeviceHabit): boolean => useSyncExternalStore(subscribe, () => isOn(habit));

/** So short that it is felt and not heard. */
const BUZZ_MS = 20;

/** Tells the hand that something was taken down, where the device can. */
export function buzz(): void {
  if (isOn('vibrates')) navigator.vibrate?.(BUZZ_MS);
}
