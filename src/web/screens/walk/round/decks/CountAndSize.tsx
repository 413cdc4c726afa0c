import { Minus, Plus } from 'lucide-react';
import { type Part, vocabularyOf } from '#core/car';
import { speakSize } from '#core/measure';
import {
  type Amount,
  amountWords,
  clockWords,
  type Finding,
  type FindingChanges,
  findingKindOf,
  rimShareWords,
  spreadMm,
} from '#core/walk';
import { sentence } from '#core/wording';
import { Choice } from '../../../../components/Choice';
import { formOf } from '../walkModel';
import type { DeckProps } from './deckProps';
import { SizeEntry } from './SizeEntry';

interface CountAndSizeProps {
  finding: Finding;
  part: Part | undefined;
  amend: (changes: FindingChanges) => void;
  walk: DeckProps['walk'];
}

const hints = {
  dots: 'Tap every further one on the map: it counts itself.',
  line: 'Drag along it on the map to measure.',
  box: 'Drag a box over it on the map to measure.',
  arc: 'Drag round the rim on the map to measure.',
} as const;

/** How many and how large: counted and measured by drawing on the map, or typed. */
export function CountAndSize({ finding, part, amend, walk }: CountAndSizeProps) {
  const { details, kind } = finding;
  const { measuredBy } = findingKindOf(kind);
  const vocabulary = vocabularyOf(walk.page.car);
  const count = details.count ?? 1;
  const form = part && formOf(kind, part);
  const drawn = part && extentWords(finding, part, vocabulary);
  if (measuredBy === 'gap') return <GapEntry {...{ finding, amend, vocabulary }} />;
  return (
    <div>
      {form && <p className="pb-1 text-sm text-soft">{drawn ?? hints[form]}</p>}
      <div className="grid columns-as-fit gap-3">
        <div>
          <p className="mb-1 text-sm font-bold text-soft">How many</p>
          <div className="grid grid-cols-[3rem_1fr_3rem] items-center rounded-md border border-soft">
            <button
              type="button"
              aria-label="One fewer"
              className="grid min-h-12 place-items-center disabled:text-soft"
              disabled={count <= 1}
              onClick={() => amend(fewer(finding, count))}
            >
              <Minus aria-hidden size={20} />
            </button>
            <output aria-label="How many" className="text-center text-lg font-bold tabular-nums">
              {count}
            </output>
            <button
              type="button"
              aria-label="One more"
              className="grid min-h-12 place-items-center disabled:text-soft"
              disabled={count >= 999}
              onClick={() => amend({ count: count + 1 })}
            >
              <Plus aria-hidden size={20} />
            </button>
          </div>
        </div>
        <SizeEntry
          key={`length ${details.lengthMm} ${details.isAbout}`}
          id="length"
          label={measuredBy === 'count' ? 'Largest' : measuredBy === 'diameter' ? 'Across' : 'Length'}
          mm={details.lengthMm}
          isAbout={details.isAbout ?? false}
          vocabulary={vocabulary}
          onMm={(mm, isAbout) => amend({ lengthMm: mm ?? null, ...aboutAs(details, isAbout) })}
        />
        {measuredBy === 'area' && (
          <SizeEntry
            key={`width ${details.widthMm} ${details.isAbout}`}
            id="width"
            label="Width"
            mm={details.widthMm}
            isAbout={details.isAbout ?? false}
            vocabulary={vocabulary}
            onMm={(mm, isAbout) => amend({ widthMm: mm ?? null, ...aboutAs(details, isAbout) })}
          />
        )}
      </div>
      <div className="mt-2">
        <Choice
          legend="Or as one says it"
          value={details.amount}
          options={amountsOf[measuredBy === 'count' ? 'counted' : 'spread'].map((value) => ({
            value,
            label: amountWords[value],
          }))}
          onChange={(amount) => amend({ amount })}
          onClear={() => amend({ amount: null })}
        />
      </div>
    </div>
  );
}

/** What people say instead of counting and measuring. */
const amountsOf = {
  counted: ['one-or-two', 'a-few', 'several', 'many'],
  spread: ['a-few', 'several', 'most-of-it', 'all-over'],
} as const satisfies Record<string, readonly Amount[]>;

/** A figure said anew says whether it was judged by eye. */
const aboutAs = ({ isAbout: was }: Finding['details'], isAbout: boolean): FindingChanges =>
  (was ?? false) === isAbout ? {} : { isAbout: isAbout ? true : null };

/** One fewer; where each was tapped, the last tap goes. */
function fewer({ details: { extent } }: Finding, count: number): FindingChanges {
  if (extent?.form !== 'dots' || extent.spots.length < 2) return { count: count - 1 };
  return { count: count - 1, extent: { form: 'dots', spots: extent.spots.slice(0, -1) } };
}

function extentWords(
  { details: { extent } }: Finding,
  part: Part,
  vocabulary: 'uk' | 'us',
): string | undefined {
  if (extent?.form === 'arc') {
    const words = `${rimShareWords(extent.spanDeg)}, ${clockWords(extent.fromDeg, extent.spanDeg)}`;
    return `${sentence(words)}.`;
  }
  if (extent?.form === 'dots' && extent.spots.length > 1) {
    const [length, width] = spreadMm(extent.spots, part);
    return `Spread over ${speakSize(length, vocabulary)} × ${speakSize(width, vocabulary)}. Tap on for more.`;
  }
  return undefined;
}

/** A gap against the same place on the other side, and whether the panel stands proud. */
function GapEntry({
  finding: { details },
  amend,
  vocabulary,
}: Pick<CountAndSizeProps, 'finding' | 'amend'> & { vocabulary: 'uk' | 'us' }) {
  return (
    <div className="grid columns-as-fit gap-3">
      <SizeEntry
        id="gap"
        label="Gap here"
        mm={details.gapMm}
        vocabulary={vocabulary}
        onMm={(mm) => amend({ gapMm: mm ?? null })}
      />
      <SizeEntry
        id="other-gap"
        label="On the other side"
        mm={details.otherGapMm}
        vocabulary={vocabulary}
        onMm={(mm) => amend({ otherGapMm: mm ?? null })}
      />
      <SizeEntry
        id="flush"
        label="Stands proud by"
        mm={details.flushMm !== undefined && details.flushMm > 0 ? details.flushMm : undefined}
        vocabulary={vocabulary}
        onMm={(mm) => amend({ flushMm: mm ?? null })}
      />
      <SizeEntry
        id="sunk"
        label="Sits in by"
        mm={details.flushMm !== undefined && details.flushMm < 0 ? -details.flushMm : undefined}
        vocabulary={vocabulary}
        onMm={(mm) => amend({ flushMm: mm === undefined ? null : -mm })}
      />
    </div>
  );
}
