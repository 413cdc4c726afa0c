export { compareWalks, type WalkDifference } from './compareWalks';
