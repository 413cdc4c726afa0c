export type { FunctionCar, FunctionFacts } from './functionFacts';
export {
  ADDED_FUNCTION,
  allFunctions,
  type FunctionGroupId,
  type FunctionId,
  functionGroupIds,
  functionGroups,
  functionIds,
  functionName,
  functionOf,
  functionsFor,
  isFunctionId,
  searchFunctions,
} from './functions';
export { type StartStep, startSequence } from './startSequence';
export {
  lampsOnWords,
  type WarningLampId,
  warningLampIds,
  warningLampName,
  warningLampOf,
  warningLampsFor,
} from './warningLamps';
