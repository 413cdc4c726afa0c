export { carTitle, fuelName } from './car';
export { drivens, fuels, paintTones } from './carChoices';
export {
  type Car,
  type CarDetails,
  cameIn,
  carDetailsSchema,
  carSchema,
  checkedCarDetailsSchema,
} from './carSchema';
export {
  type Country,
  countries,
  countryCodes,
  countryOf,
  type DistanceUnit,
  type Vocabulary,
} from './countries';
export { type ExtraId, extraIds, extraOf } from './extras';
export { extrasFor } from './extrasFor';
export {
  checkDigit,
  checkIdentity,
  type IdentityCheck,
  identityMessage,
  normaliseIdentity,
} from './identityNumber';
export {
  type Material,
  materials,
  type PartKind,
  partKindIds,
} from './partKinds';
export {
  endOf,
  type Hand,
  handOf,
  type Position,
  plainHand,
  type SideSpeech,
  type Steering,
  twinPosition,
} from './sides';
export { type BodyStyleId, bodyStyleIds, bodyStyleNames, traitsOf } from './styles/bodyOf';
export {
  type BodyStyle,
  bodyStyle,
  type Face,
  middleOf,
  type Part,
  type PartId,
  partIdOf,
  styleOf,
} from './styles/bodyStyle';
export { type FaceId, faceIds, insideFaces, outsideFaces } from './styles/faces';
export type { Box, Point } from './styles/geometry';
export { partToward, type Way } from './styles/neighbours';
export { type SubPartId, subPartIds, subPartMaterial, subPartsOf } from './subParts';
export {
  carWords,
  countryTold,
  faceName,
  faceTold,
  kindName,
  materialName,
  materialTold,
  partNameForAnyone,
  partNames,
  partNameWithoutSide,
  partTitles,
  partTold,
  plateName,
  type Speech,
  speakHand,
  subPartName,
  subPartTold,
  vocabularyOf,
} from './words';
