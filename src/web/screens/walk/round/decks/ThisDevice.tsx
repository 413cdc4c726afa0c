import { HabitSwitch } from '../../../../shell/HabitSwitch';

/** What this phone does by itself during a walk. */
export const ThisDevice = () => (
  <fieldset>
    <legend className="text-sm font-bold text-soft">This device</legend>
    <HabitSwitch habit="vibrates" />
    <HabitSwitch habit="staysAwake" />
  </fieldset>
);
