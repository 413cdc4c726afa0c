const MOST = 200;

/** How many are usual, as it is typed: "8", "1.5", "1,5". */
export function readUsual(typed: string): { ok: true; usual: number } | { ok: false; says: string } {
  const bare = typed.trim();
  const usual = Number(bare.replace(',', '.'));
  if (bare === '' || !Number.isFinite(usual)) return { ok: false, says: 'Type a number, like 8 or 1.5.' };
  if (usual < 0) return { ok: false, says: 'How many are usual cannot be less than 0.' };
  if (usual > MOST) return { ok: false, says: `How many are usual is at most ${MOST}.` };
  return { ok: true, usual };
}
