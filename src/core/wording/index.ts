export { byText } from './byText';
export { isoDay, longDay, monthNamed, shortDay, utcMoment } from './dates';
export { escapeXml } from './escapeXml';
export { sentence, withinSentence } from './sentence';
