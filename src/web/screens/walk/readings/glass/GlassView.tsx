import { useMemo, useState } from 'react';
import { v4 as newId } from 'uuid';
import { partTitles, vocabularyOf } from '#core/car';
import type { ScreenPlace } from '#core/glass';
import { screenRepairTold, screenTable, tellFor } from '#core/readings';
import { starting } from '#core/told';
import { findingKindOf, findingLine, isStanding } from '#core/walk';
import { Fold } from '../../../../components/Fold';
import { ScreenMap } from '../../../../map/ScreenMap';
import { Strip } from '../../../../map/Strip';
import type { OpenWalk } from '../../../../sync/useWalk';
import { DamageEditor } from './DamageEditor';
import { ScreenPlanForm } from './ScreenPlanForm';

const lampKinds: ReadonlySet<string> = new Set(['headlamp', 'foglamp', 'taillamp']);

/** The screen in true size: tap where it is hit, say how large, and read what the rule says of it. Lamps beneath. */
export function GlassView({ walk }: { walk: OpenWalk }) {
  const { state, style, page, record } = walk;
  const table = useMemo(() => screenTable(state, style, page.car), [state, style, page.car]);
  const [open, setOpen] = useState<string>();
  const vocabulary = vocabularyOf(page.car);
  const tell = tellFor(page.car);
  const screen = style.parts.get('windscreen');
  const nameOf = partTitles(style, page.car);
  const inHand = state.findings.find((finding) => finding.id === open && isStanding(finding));
  const lamps = state.findings.filter(
    (finding) => lampKinds.has(style.parts.get(finding.part)?.kind ?? '') && isStanding(finding),
  );
  const place = ([x, y]: ScreenPlace) => {
    if (!table || !screen?.face) return;
    const seen = x / table.plan.width;
    const u = style.faces[screen.face].mirrored ? 1 - seen : seen;
    const finding = newId();
    const round = (share: number) => Math.round(Math.min(1, Math.max(0, share)) * 1000) / 1000;
    record({
      kind: 'finding-noted',
      body: {
        finding,
        part: screen.id,
        spot: { u: round(u), v: round(1 - y / table.plan.height) },
        kind: 'glass-chip',
        suspected: false,
        details: {},
      },
    });
    setOpen(finding);
  };
  return (
    <main className="min-h-0 flex-1 overflow-y-auto lg:grid lg:grid-cols-[1fr_26rem]">
      {table && (
        <section aria-label="Screen" className="lg:p-4">
          <p className="px-3 pt-2 text-sm text-soft lg:px-0">
            From outside. Tap where it is hit. Dashed: what the wipers sweep.
          </p>
          <div className="mx-auto max-w-4xl">
            <ScreenMap
              plan={table.plan}
              marks={table.rows.map(({ number, damage, drawnMm, passes }) => ({
                number,
                at: damage.at,
                to: damage.to,
                acrossMm: drawnMm,
                fails: passes === false,
              }))}
              current={inHand?.number}
              onPlace={place}
            />
          </div>
          {inHand && (
            <DamageEditor
              finding={inHand}
              vocabulary={vocabulary}
              say={record}
              onDone={() => setOpen(undefined)}
            />
          )}
          {table.summary && (
            <p className="px-3 pt-2 text-lg font-bold lg:px-0">{tell(starting(table.summary))}</p>
          )}
          <ul className="px-3 lg:px-0">
            {table.rows.map((row) => (
              <li key={row.finding} className="border-b border-line">
                <button
                  type="button"
                  className="flex min-h-14 w-full items-center gap-3 py-2 text-left"
                  onClick={() => setOpen(row.finding)}
                >
                  <Strip number={row.number} standing="confirmed" />
                  <span className="min-w-0 flex-1">
                    <span className={row.passes === false ? 'font-bold text-warn' : 'font-bold'}>
                      {tell(starting(row.says))}
                    </span>
                    <span className="block text-soft">{tell(starting(screenRepairTold(row.repair)))}</span>
                  </span>
                </button>
              </li>
            ))}
            {table.others.map((finding) => (
              <li key={finding.id} className="border-b border-line">
                <button
                  type="button"
                  className="flex min-h-14 w-full items-center gap-3 py-2 text-left"
                  onClick={() => setOpen(finding.id)}
                >
                  <Strip number={finding.number} standing={finding.standing.status} />
                  <span>{findingLine(finding, vocabulary)}</span>
                </button>
              </li>
            ))}
          </ul>
          {table.rows.length + table.others.length === 0 && (
            <p className="px-3 py-2 lg:px-0">Nothing was found on the screen so far.</p>
          )}
        </section>
      )}
      <section aria-label="Rule and lamps" className="space-y-5 p-3 lg:border-l lg:border-line lg:p-4">
        {table && (
          <>
            <p>
              <span className="font-bold">Rule: </span>
              {tell(table.rule.says)}.
              {table.planned.rule !== 'none' && ' Beyond that, local law and a licensed tester decide.'}
            </p>
            <Fold title="Size, band and rule of this screen">
              <ScreenPlanForm
                key={JSON.stringify(table.planned)}
                planned={table.planned}
                tell={tell}
                say={record}
              />
            </Fold>
          </>
        )}
        <section>
          <h2 className="text-lg">Lamps</h2>
          {lamps.length === 0 && <p className="text-soft">Nothing was found on the lamps so far.</p>}
          <ul>
            {lamps.map((finding) => (
              <li key={finding.id} className="flex gap-3 border-b border-line py-2">
                <Strip number={finding.number} standing={finding.standing.status} />
                <span className="min-w-0">
                  <span className="block font-bold">
                    {nameOf(finding.part)}: {findingLine(finding, vocabulary).toLowerCase()}
                  </span>
                  {findingKindOf(finding.kind).lampCure}
                </span>
              </li>
            ))}
          </ul>
        </section>
      </section>
    </main>
  );
}
