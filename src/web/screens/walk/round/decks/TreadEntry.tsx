import { useMemo } from 'react';
import { kindName, type PartId } from '#core/car';
import { NEW_CAR_TREAD_MM, parseTread, treadProblemMessage } from '#core/measure';
import { type TyreRow, tellAtStop, tyreTable } from '#core/readings';
import { starting, type Tell } from '#core/told';
import { type TreadLook, treadLooks } from '#core/tyres';
import { type Fact, isHeavy, mostTreadMm, treadThirds } from '#core/walk';
import { Choice } from '../../../../components/Choice';
import { Notice } from '../../../../components/Notice';
import { TypedReading } from '../../../../components/TypedReading';
import type { OpenWalk } from '../../../../sync/useWalk';

/** Depth of one tyre, as it is spoken: one figure or a range. */
export function TreadEntry({ walk, part, say }: { walk: OpenWalk; part: PartId; say: (fact: Fact) => void }) {
  const { state, style, page } = walk;
  const table = useMemo(() => tyreTable(state, style, page.car, new Date()), [state, style, page.car]);
  const { unit } = table;
  const tell = tellAtStop(page.car);
  const row = table.rows.find((each) => each.part === part);
  const read = state.treads.get(part);
  return (
    <div className="space-y-2">
      <TypedReading
        id="tread"
        label={unit === 'mm' ? 'Tread depth, mm' : 'Tread depth, 32nds of an inch'}
        hint={row && read ? `Read: ${depthWords(row.depths, tell)}` : 'One figure or a range, like 4-5'}
        onText={(text) => {
          const reading = parseTread(text, unit, mostTreadMm(style.id));
          if (!reading.ok) return treadProblemMessage(reading);
          say({ kind: 'tread-read', body: { part, depth: reading.depth, unit: reading.unit } });
          return undefined;
        }}
      />
      <Choice
        legend="Or by eye, where nothing is measured"
        value={state.treadLooks.get(part)}
        options={treadLooks.map((value) => ({ value, label: eyeNames[value] }))}
        onChange={(looks) => say({ kind: 'tread-by-eye', body: { part, looks } })}
        onClear={() => say({ kind: 'tread-by-eye', body: { part, looks: null } })}
      />
      {read && !isHeavy(style.id) && read.depth.highMm > NEW_CAR_TREAD_MM && (
        <Notice>
          That is more than a new car {kindName('tyre', page.car)} has. Is it{' '}
          {unit === 'mm' ? 'in mm' : 'in 32nds'}? Read it again if not.
        </Notice>
      )}
      {row?.verdict && !row.verdict.mayBeDriven && (
        <Notice look="warn">
          {row.verdict.reasons[0] && `${tell(starting(row.verdict.reasons[0]))}. `}Limit:{' '}
          {tell(table.lawSays)}; local law rules. Do not drive until a qualified person has checked it.
        </Notice>
      )}
    </div>
  );
}

const eyeNames: Record<TreadLook, string> = {
  new: 'new',
  good: 'good',
  worn: 'worn',
  'needs-replacing': 'needs one',
};

/** "4 to 5 mm", or each third by its name. */
const depthWords = (depths: TyreRow['depths'], tell: Tell): string =>
  depths.whole
    ? tell(depths.whole)
    : treadThirds
        .flatMap((third) => {
          const depth = depths[third];
          return depth ? [`${third} ${tell(depth)}`] : [];
        })
        .join(', ');
