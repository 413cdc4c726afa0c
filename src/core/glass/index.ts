export { say as sayOfScreens } from './say';
export {
  judgeScreen,
  type ScreenDamage,
  type ScreenPlace,
  type ScreenPlan,
  type ScreenRule,
  type ScreenVerdict,
  ukScreenRule,
  usualScreen,
  zoneOf,
} from './screenZones';
export { screenWords } from './words';
