export { contrast, inkOn, inks } from './inkOn';
export { colourSchema, type Yard, yardLine, yardSchema } from './yardSchema';
