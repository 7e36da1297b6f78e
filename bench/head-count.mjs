// What a turn of the head count takes in the browser: from the key's event until the new lengths stand on the screen,
// against the time that an empty turn takes to the next painted frame. 12 to 60 and back, every drawn month.
import { chromium } from '@playwright/test';
import { CHROMIUM } from '../bin/lib/packages.mjs';
import { demoServer } from '../bin/lib/test-server.mjs';

const LIMIT = 50;
const server = await demoServer();
const browser = await chromium.launch({
  executablePath: CHROMIUM,
  args: ['--no-sandbox', '--disable-background-networking', '--no-first-run'],
});
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });

/** In the page: turns the dial key by key, waiting each time until the table shows the plan for the new number. */
async function turns(keys) {
  const dial = document.querySelector('[role=slider]');
  const shown = () => document.querySelector('aside [data-planned-for]')?.getAttribute('data-planned-for');
  const frame = () => new Promise((resolve) => requestAnimationFrame(resolve));
  const times = [];
  const frames = [];
  for (const key of keys) {
    let start = performance.now();
    await frame();
    frames.push(performance.now() - start);
    start = performance.now();
    dial.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
    await new Promise((resolve) => {
      const look = () => shown() === dial.getAttribute('aria-valuenow') && (watcher.disconnect(), resolve());
      const watcher = new MutationObserver(look);
      watcher.observe(document.body, { subtree: true, childList: true, attributes: true, characterData: true });
      queueMicrotask(look);
    });
    times.push(performance.now() - start);
  }
  return { times, frames };
}

const all = { times: [], frames: [] };
try {
  for (let m = 1; m <= 7; m += 1) {
    await page.goto(`${server.address}/programmes/the-allotment-year/months/m${m}/cut?colourway=dusk`);
    await page.locator('html[data-ready]').waitFor();
    const keys = [...Array(48).fill('ArrowUp'), ...Array(47).fill('ArrowDown')];
    const { times, frames } = await page.evaluate(turns, keys);
    // The first turns meet a worker that is still loading; people do too, so they are told apart, not left out.
    console.log(
      `m${m}: first ${times[0].toFixed(1)} ms, median ${quantile(times, 0.5)} ms, 95 % ${quantile(times, 0.95)} ms, most ${quantile(times, 1)} ms`,
    );
    all.times.push(...times);
    all.frames.push(...frames);
  }
  const within = all.times.filter((t) => t <= LIMIT).length / all.times.length;
  console.log(
    `all ${all.times.length} turns: median ${quantile(all.times, 0.5)} ms, 95 % ${quantile(all.times, 0.95)} ms; ${(100 * within).toFixed(1)} % within ${LIMIT} ms`,
  );
  console.log(
    `ratio to an empty frame (${quantile(all.frames, 0.5)} ms): ${(quantile(all.times, 0.5) / quantile(all.frames, 0.5)).toFixed(2)}`,
  );
} finally {
  await browser.close();
  await server.remove();
}

function quantile(numbers, q) {
  const sorted = [...numbers].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(q * sorted.length))].toFixed(1);
}
