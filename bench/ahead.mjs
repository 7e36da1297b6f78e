// After a save, nobody looking: how long until the answers for the month at hand and for the year are there for whoever comes; and what a look costs meanwhile
// against a look when nothing is being worked out.
import { demoServer } from '../bin/lib/test-server.mjs';

const YEAR = '/programmes/the-allotment-year';
const WANTED = [
  ['the month at hand', '/months/m6/cut', /"readings":\d/],
  ['the year', '/figures', /"figures":\d/],
  ['the last of it', '/months/m12/cut', /"readings":\d/],
];

const server = await demoServer();
const at = (times, share) => [...times].sort((a, b) => a - b)[Math.min(times.length - 1, Math.floor(times.length * share))];
const said = (times) => `median ${at(times, 0.5).toFixed(0)}, 95 % ${at(times, 0.95).toFixed(0)} ms of ${times.length}`;

try {
  const data = async (path) => (await fetch(`${server.address}${YEAR}${path}/__data.json`)).text();
  const left = new Map(WANTED.map(([name, ...rest]) => [name, rest]));
  const [busy, idle] = [[], []];
  const look = async (times) => {
    const began = performance.now();
    await (await fetch(`${server.address}${YEAR}/kits?${times.length}`)).arrayBuffer();
    times.push(performance.now() - began);
  };
  const start = performance.now();
  while (left.size > 0) {
    for (const [name, [path, there]] of left)
      if (there.test(await data(path))) {
        console.log(`${name}: ${((performance.now() - start) / 1000).toFixed(1)} s`);
        left.delete(name);
      }
    await look(busy);
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  for (let i = 0; i < busy.length && i < 100; i += 1) await look(idle);
  console.log(`a look meanwhile: ${said(busy)}; afterwards: ${said(idle)}`);
} finally {
  await server.remove();
}
