// Recolouring the quilt on screen: 1,600 patches, a letter cast anew at every turn of a key, to a plain fabric and to a print, from the key's
// event to the painted frame, against frames in which nothing changes.
import { chromium } from '@playwright/test';
import { CHROMIUM } from '../bin/lib/packages.mjs';
import { demoServer } from '../bin/lib/test-server.mjs';

const cells = Array.from({ length: 16 }, (_, i) => [i % 4, Math.floor(i / 4)]);
const fabrics = Array.from({ length: 24 }, (_, i) => ({
  id: `f${i}`,
  name: `Fabric ${i}`,
  colour: `#${(0x202020 + i * 0x080808).toString(16)}`,
  ...(i % 2 && { print: { pattern: 'dots', ink: '#c65d3b', repeat: '1' } }),
}));
const programme = {
  ...{
    format: 'aggrega-programme',
    version: 1,
    title: 'Recolour',
    fabrics,
    setting: { kind: 'straight', across: 10, down: 10 },
  },
  colourways: [{ id: 'c', fabrics: { A: 'f0', B: 'f23' } }],
  blocks: [
    {
      ...{ id: 'b', grid: [4, 4] },
      patches: cells.map(([x, y]) => ({
        role: (x + y) % 2 ? 'A' : 'B',
        points: [
          [x, y],
          [x + 1, y],
          [x + 1, y + 1],
          [x, y + 1],
        ],
      })),
    },
  ],
  months: [{ id: 'm', blocks: [{ block: 'b', finished: '12', make: 100 }] }],
};
const server = await demoServer();
const browser = await chromium.launch({
  executablePath: CHROMIUM,
  args: ['--no-sandbox', '--disable-background-networking', '--no-first-run'],
});
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
try {
  const answer = await page.request.post(`${server.address}/api/import`, {
    data: programme,
    headers: { origin: server.address },
  });
  const { slug } = await answer.json();
  await page.goto(`${server.address}/programmes/${slug}/fabrics`);
  await page.locator('html[data-ready]').waitFor();
  const { still, turned } = await page.evaluate(async () => {
    const painted = () => new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve, 0)));
    const still = [];
    const turned = [];
    for (let i = 0; i < 40; i += 1) {
      // What the turn before set going comes to its end first.
      await new Promise((resolve) => setTimeout(resolve, 60));
      let start = performance.now();
      await painted();
      still.push(performance.now() - start);
      start = performance.now();
      dispatchEvent(new KeyboardEvent('keydown', { key: i < 20 ? 'ArrowRight' : 'ArrowLeft', bubbles: true }));
      await painted();
      turned.push(performance.now() - start);
    }
    return { still, turned };
  });
  const at = (all, q) => [...all].sort((a, b) => a - b)[Math.min(all.length - 1, Math.floor(q * all.length))].toFixed(1);
  console.log(`nothing changes: median ${at(still, 0.5)} ms, 95 % ${at(still, 0.95)} ms`);
  console.log(`a letter of 1,600 patches cast anew: median ${at(turned, 0.5)} ms, 95 % ${at(turned, 0.95)} ms`);
  console.log(`ratio ${(at(turned, 0.5) / at(still, 0.5)).toFixed(2)}`);
} finally {
  await browser.close();
  await server.remove();
}
