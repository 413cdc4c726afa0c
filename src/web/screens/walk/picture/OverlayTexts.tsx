import { OVERLAY_INK, OVERLAY_YELLOW, type PlacedText } from '#core/picture';
import type { StageView } from './stageView';

/** Words on plates of tape, where they are burned into what leaves the yard. */
export function OverlayTexts({ texts, view }: { texts: readonly PlacedText[]; view: StageView }) {
  return texts.map(({ text, x, y, size, anchor }, i) => (
    <span
      // biome-ignore lint/suspicious/noArrayIndexKey: a text is its place in the list.
      key={i}
      aria-hidden
      className="pointer-events-none absolute whitespace-pre font-bold leading-none"
      style={{
        left: view.left + x * view.zoom,
        top: view.top + y * view.zoom,
        fontSize: size * view.zoom,
        padding: '0.25em',
        color: OVERLAY_INK,
        backgroundColor: OVERLAY_YELLOW,
        transform: `translate(${anchor === 'middle' ? '-50%' : '0'}, -50%)`,
      }}
    >
      {text}
    </span>
  ));
}
