export { type Facts, judge } from './judge';
export { type About, type Area, areas, heaviest, type Weight, weights } from './judgement';
