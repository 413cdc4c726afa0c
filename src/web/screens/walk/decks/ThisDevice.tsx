import { type DeviceHabit, deviceHabits, switchHabit, useHabit } from '../../../shell/device';

/** What this phone does by itself during a walk. */
export function ThisDevice() {
  return (
    <fieldset>
      <legend className="text-sm font-bold text-soft">This device</legend>
      {(Object.keys(deviceHabits) as DeviceHabit[]).map((habit) => (
        <Habit key={habit} habit={habit} />
      ))}
    </fieldset>
  );
}

function Habit({ habit }: { habit: DeviceHabit }) {
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
