export { coveredDeg, damagedMm, type RimArc } from './rimDamage';
