import { type DeviceHabit, deviceHabits, switchHabit, useHabit } from '../device/habits';

/** Something this device does by itself, to be switched off and on. */
export function HabitSwitch({ habit }: { habit: DeviceHabit }) {
  const on = useHabit(habit);
  return (
    <label className="flex min-h-12 items-center gap-3">
      <input
        type="checkbox"
        className="size-6 shrink-0 accent-accent"
        checked={on}
        onChange={(event) => switchHabit(habit, event.target.checked)}
      />
      {deviceHabits[habit]}
    </label>
  );
}
