/** A voltage as it is typed: "12.6", "12,6", "12.6 V"; nothing typed is nothing read. */
export function readVolts(typed: string): { ok: true; volts?: number } | { ok: false; says: string } {
  const bare = typed.trim().replace(/\s*v(olts?)?$/i, '');
  if (bare === '') return { ok: true };
  const volts = Number(bare.replace(',', '.'));
  if (!Number.isFinite(volts))
    return { ok: false, says: 'Volts are a figure like 12.6. Leave it empty if you did not read it.' };
  if (volts < 0 || volts > 60)
    return { ok: false, says: 'A battery shows 0 to 60 V. Read the figure again.' };
  return { ok: true, volts };
}
