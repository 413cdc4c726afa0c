import IntlMessageFormat from 'intl-messageformat';
import { type FillIn, numberStyles } from './speaker';

/** Reads a message in ICU MessageFormat. Where pages are built this was done before, and they carry no reader. */
export function readMessage(source: string, locale: string): FillIn {
  const message = new IntlMessageFormat(source, locale, { number: numberStyles }, { ignoreTag: true });
  return (values) => message.format(values) as string;
}
