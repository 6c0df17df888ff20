// Every stop of the demo day as Lighthouse sees it, on a desk and on a slow phone, on a server of its own on this machine.
// Usage: node bench/pages.mjs JAR DEMO_FILE [PATH...]
import { existsSync } from 'node:fs';
import { launch } from 'chrome-launcher';
import lighthouse, { desktopConfig } from 'lighthouse';
import { Server } from './server.mjs';

const STOPS = ['/today', '/yard', '/machines', '/course', '/set-out', '/lesson', '/range', '/progress'];
const CATEGORIES = ['performance', 'accessibility', 'best-practices'];

const chromePath = ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium'].find(existsSync);
if (chromePath === undefined) throw new Error('no Chromium: apt install chromium-headless-shell');

/** A page on a desk, as the library's own desk is, or on the phone it takes for the usual one. */
async function look(url, port, onDesk) {
  const options = { port, onlyCategories: CATEGORIES, logLevel: 'error' };
  const { lhr } = await lighthouse(url, options, onDesk ? desktopConfig : undefined);
  const figure = (audit) => lhr.audits[audit]?.numericValue ?? NaN;
  return {
    scores: CATEGORIES.map((of) => Math.round((lhr.categories[of]?.score ?? 0) * 100)),
    // How fast this machine was just then, as the library reckons it: its guide gives a fast desk 1500 to 2000.
    machine: lhr.environment.benchmarkIndex,
    seconds: figure('largest-contentful-paint') / 1000,
    blocked: figure('total-blocking-time'),
    shift: figure('cumulative-layout-shift'),
    failed: Object.values(lhr.audits)
      .filter(({ score, scoreDisplayMode }) => scoreDisplayMode === 'binary' && score === 0)
      .map(({ id }) => id),
  };
}

const [jar, demo, ...paths] = process.argv.slice(2);
const server = await Server.withDemoDay(jar, demo, 18789);
const chrome = await launch({ chromePath, chromeFlags: ['--headless', '--no-sandbox', '--disable-gpu', '--disable-dev-shm-usage'] });
try {
  // What is reckoned once is reckoned, as on the second page of a morning.
  const [day] = await server.json('/api/days');
  for (const id of day.courseIds) await server.json(`/api/days/${day.id}/courses/${id}/standing`);
  console.log('page, where: performance/accessibility/best practices; largest paint, blocked, shift; failed audits; speed of the machine');
  for (const onDesk of [true, false]) {
    for (const path of paths.length > 0 ? paths : STOPS) {
      const { scores, machine, seconds, blocked, shift, failed } = await look(server.address + path, chrome.port, onDesk);
      console.log(
        `${path}, ${onDesk ? 'desk' : 'phone'}: ${scores.join('/')}; ${seconds.toFixed(1)} s, ${blocked.toFixed(0)} ms, ` +
          `${shift.toFixed(3)}; ${failed.join(' ') || '-'}; machine ${machine.toFixed(0)}`,
      );
    }
  }
} finally {
  chrome.kill();
  await server.close();
}
