export { contrast, inkOn, inks } from './inkOn';
export { yardLine } from './yardLine';
export { colourSchema, type Yard, yardSchema } from './yardSchema';
