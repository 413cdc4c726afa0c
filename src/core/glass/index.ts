export { isLampFault, type LampFault, lampCures } from './lampCures';
export {
  DRIVER_BAND_MM,
  judgeScreen,
  type ScreenDamage,
  type ScreenPlace,
  type ScreenPlan,
  type ScreenRule,
  type ScreenVerdict,
  type ScreenZone,
  ukScreenRule,
  usualScreen,
  zoneOf,
} from './screenZones';
