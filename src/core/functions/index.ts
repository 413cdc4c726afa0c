export type { FunctionCar, FunctionFacts } from './functionFacts';
export {
  allFunctions,
  type CarFunction,
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
