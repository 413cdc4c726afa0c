export { type GaugeEvent, type GaugeLink, listenToGauge } from './gauge';
export { type GaugeLine, parseGaugeLine, writeGaugeLine } from './gaugeLine';
export { inventedPaintUm } from './practice/inventedCar';
export { type PracticeGauge, type ProbeAt, practiceGauge } from './practice/practiceGauge';
export { hasSerial, serialLink } from './serialLink';
