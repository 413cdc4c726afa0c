export {
  ALTERATION_NOTE,
  type AlterationKind,
  alterationKinds,
  alterationName,
  alterationOf,
  type StandardPart,
  standardParts,
  standardPartWords,
} from './alterations';
export {
  ADDED_ITEM,
  isKitItemId,
  type KitCondition,
  type KitItemId,
  kitConditions,
  kitItemIds,
  kitItemName,
  kitItemsFor,
  usualCount,
} from './kitItems';
export {
  type SmellId,
  smellIds,
  smellName,
  smellOf,
  smellStrengths,
  smellWords,
} from './smells';
