import { request } from 'node:http';

/** Somebody who only wants to know whether the server is there, every few milliseconds, and how long the longest answer took. */
const [origin] = process.argv.slice(2);
let longest = 0;
process.on('message', (what) => {
  if (what === 'ask') {
    process.send?.(longest);
    longest = 0;
  } else process.exit();
});
process.on('disconnect', () => process.exit());

const ask = () => {
  const start = performance.now();
  const asked = request(`${origin}/api/health`, { agent: false }, (response) => {
    response.resume();
    response.on('end', again);
  });
  const again = () => {
    longest = Math.max(longest, performance.now() - start);
    setTimeout(ask, 10);
  };
  asked.on('error', again);
  asked.end();
};
ask();
