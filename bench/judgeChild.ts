import { gridOf, houseTable, type JudgedWalk, learn, seededRandom } from '#core/judge';

const read = gridOf(houseTable.rows);
process.on('disconnect', () => process.exit());
process.on('message', (walks: readonly JudgedWalk[]) => {
  if (read.ok) process.send?.(learn(read.grid, walks, { random: seededRandom(1) }));
});
process.send?.('ready');
