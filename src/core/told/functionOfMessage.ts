import { type MessageFormatElement, TYPE } from '@formatjs/icu-messageformat-parser';

/** The source of a function that fills a message in: of its values and a speaker. Of ICU, what our catalogues use: figures, plurals and choices. */
export const functionOf = (elements: readonly MessageFormatElement[]): string =>
  `(v,s)=>${templateOf(elements, undefined)}`;

const templateOf = (elements: readonly MessageFormatElement[], counted: string | undefined): string =>
  `\`${elements.map((element) => pieceOf(element, counted)).join('')}\``;

function pieceOf(element: MessageFormatElement, counted: string | undefined): string {
  switch (element.type) {
    case TYPE.literal:
      return element.value.replace(/[`\\$]/g, '\\$&');
    case TYPE.argument:
      return `\${v.${element.value}}`;
    case TYPE.number:
      return `\${s.number(v.${element.value}${element.style ? `,${JSON.stringify(element.style)}` : ''})}`;
    case TYPE.pound:
      return `\${s.number(v.${counted})}`;
    case TYPE.plural:
      return waysOf('plural', element.value, element.options, element.value);
    case TYPE.select:
      return waysOf('select', element.value, element.options, counted);
    default:
      throw new Error(`Not used in our catalogues: ${JSON.stringify(element)}`);
  }
}

const waysOf = (
  by: 'plural' | 'select',
  name: string,
  options: Readonly<Record<string, { value: MessageFormatElement[] }>>,
  counted: string | undefined,
): string =>
  `\${s.${by}(v.${name},{${Object.entries(options)
    .map(([key, { value }]) => `${JSON.stringify(key)}:()=>${templateOf(value, counted)}`)
    .join(',')}})}`;
