export { inkOn } from './inkOn';
export { yardLine } from './yardLine';
export { type Yard, yardSchema } from './yardSchema';
