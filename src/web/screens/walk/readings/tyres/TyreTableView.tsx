import type { PartId } from '#core/car';
import type { TyreTable, WheelTable } from '#core/readings';
import { starting, type Tell } from '#core/told';

interface TyreTableViewProps {
  table: TyreTable;
  wheels: WheelTable;
  nameOf: (part: PartId) => string;
  tell: Tell;
}

/** What the tyres and wheels come to, with reasons: for the desk, and to scroll to on a phone. */
export function TyreTableView({ table, wheels, nameOf, tell }: TyreTableViewProps) {
  return (
    <div className="space-y-4">
      {table.matching.length > 0 && (
        <section>
          <h3 className="text-lg">Do not match</h3>
          <ul className="list-disc pl-5">
            {table.matching.map(({ says, parts }) => (
              <li key={`${parts.join(' ')} ${tell(says)}`}>{tell(starting(says))}</li>
            ))}
          </ul>
        </section>
      )}
      {table.toBuy.length > 0 && (
        <section>
          <h3 className="text-lg">To be priced</h3>
          <ul>
            {table.toBuy.map(({ count, size, when, parts }) => (
              <li key={`${when} ${size}`} className="flex gap-3 border-b border-line py-2">
                <span className="w-10 shrink-0 font-bold tabular-nums">{count} ×</span>
                <span className="min-w-0 flex-1">
                  {size ?? 'size not noted'}
                  <span className="block text-sm text-soft">{parts.map(nameOf).join(', ')}</span>
                </span>
                <span className={when === 'now' ? 'font-bold text-warn' : ''}>
                  {when === 'now' ? 'now' : 'within the year'}
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
      {wheels.rows.length > 0 && (
        <section>
          <h3 className="text-lg">Wheels</h3>
          <ul>
            {wheels.rows.map((row) => (
              <li key={row.part} className="border-b border-line py-2">
                <p className="font-bold">{nameOf(row.part)}</p>
                {row.damagedMm > 0 && (
                  <p className="tabular-nums">
                    {row.damagedMm} mm of the rim, {Math.round(row.rimShare * 100)} %
                  </p>
                )}
                <p className={row.wants === 'check' ? 'font-bold text-warn' : ''}>{tell(row.says)}</p>
                {row.brake && <p className="text-soft">Brake as seen: {tell(row.brake)}.</p>}
              </li>
            ))}
          </ul>
          {wheels.setSays && <p className="mt-2 font-bold">{tell(wheels.setSays)}</p>}
        </section>
      )}
    </div>
  );
}
