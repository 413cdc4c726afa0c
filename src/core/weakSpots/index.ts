export { askedOf, sameAsked } from './askedOf';
export { houseSpots } from './houseSpots';
export {
  spotIssues,
  spotIssueWords,
  type WeakSpot,
  type WeakSpotList,
  weakSpotListSchema,
  weakSpotSchema,
} from './spot';
export { checkSpots, readSpots, spotCells, spotsAsJson } from './spotText';
export { ENOUGH_WALKS, shareOf, typicalFindings, type WalkedCar } from './typical';
