export {
  type Car,
  type CarDetails,
  carDetailsSchema,
  carSchema,
  carTitle,
  checkedCarDetailsSchema,
  fuels,
  paintTones,
} from './car';
export {
  type Country,
  countries,
  countryCodes,
  countryOf,
  type DistanceUnit,
  type Vocabulary,
} from './countries';
export { type ExtraId, extraIds, extraOf, extrasFor } from './extras';
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
  partKindOf,
  partKinds,
  type Zone,
  zones,
} from './partKinds';
export {
  endOf,
  type Hand,
  handOf,
  type Position,
  plainHand,
  type SideSpeech,
  type Steering,
  speakHand,
  twinPosition,
} from './sides';
export {
  type BodyStyle,
  type BodyStyleId,
  bodyStyle,
  bodyStyleIds,
  bodyStyleNames,
  type CarBuild,
  type Face,
  type FaceId,
  faceIds,
  insideFaces,
  middleOf,
  outsideFaces,
  type Part,
  type PartId,
  partIdOf,
  styleOf,
} from './styles/bodyStyle';
export { type Box, boxOf, contains, type Point } from './styles/geometry';
export { neighboursOf, partToward, type Way } from './styles/neighbours';
export {
  faceName,
  kindName,
  partName,
  partNameForAnyone,
  partNameWithoutSide,
  type Speech,
  sentence,
  vocabularyOf,
} from './words';
