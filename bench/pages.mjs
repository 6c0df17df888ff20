// Every stop of the demo day as Lighthouse sees it, on a desk and on a slow phone, on a server of its own on this machine.
// Usage: node bench/pages.mjs JAR DEMO_FILE [TIMES] [PATH...]
import { existsSync } from 'node:fs';
import { launch } from 'chrome-launcher';
import lighthouse, { auditFlowArtifacts, desktopConfig } from 'lighthouse';
import { computeMedianRun } from 'lighthouse/core/lib/median-run.js';
import { Server, spread } from './server.mjs';

const CATEGORIES = ['performance', 'accessibility', 'best-practices'];

/** What the library's guide gives the fast desk that its phone is a quarter as fast as: 1500 to 2000. */
const GUIDE_MACHINE = 1750;

const chromePath = ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium'].find(existsSync);
if (chromePath === undefined) throw new Error('no Chromium: apt install chromium-headless-shell');

const score = (lhr, category) => Math.round((lhr.categories[category]?.score ?? 0) * 100);

/** A visit to a page on a desk, as the library's own desk is, or on the phone it takes for the usual one. */
async function visit(url, port, onDesk) {
  const options = { port, onlyCategories: CATEGORIES, logLevel: 'error' };
  const config = onDesk ? desktopConfig : undefined;
  const { lhr, artifacts } = await lighthouse(url, options, config);
  return { here: lhr, artifacts, options, config };
}

/**
 * Visits one after another, computed as if this machine had been as fast as the guide's. The library takes whatever machine
 * it runs on for that one, slows its scripts down fourfold for the phone, and asks that the factor be set by hand where it
 * is another. A visit is recorded once and its paints are computed from the record: so the factor is put right afterwards.
 * The library measures the machine for a moment before each visit: what else it did in that moment tells more on one such
 * figure than on the visit, so that the middle one of all holds for each.
 */
async function onGuideMachine(visits) {
  const machine = spread(visits.map(({ artifacts }) => artifacts.BenchmarkIndex)).median;
  const each = [];
  for (const { here, artifacts, options, config } of visits) {
    const { throttling } = artifacts.settings;
    const put = { ...throttling, cpuSlowdownMultiplier: (throttling.cpuSlowdownMultiplier * machine) / GUIDE_MACHINE };
    const recorded = { ...artifacts, settings: { ...artifacts.settings, throttling: put } };
    const steps = [{ artifacts: recorded, flags: { ...options, throttling: put, name: 'visit' } }];
    const { lhr } = (await auditFlowArtifacts({ gatherSteps: steps, name: 'visit' }, config)).steps[0];
    each.push({ here, lhr, machine: artifacts.BenchmarkIndex });
  }
  return each;
}

const scores = (lhr) => CATEGORIES.map((category) => score(lhr, category)).join('/');

/** What a visit came to, in words. */
function said({ here, machine, lhr }) {
  const figure = (audit) => lhr.audits[audit]?.numericValue ?? NaN;
  const failed = Object.values(lhr.audits)
    .filter(({ score, scoreDisplayMode }) => scoreDisplayMode === 'binary' && score === 0)
    .map(({ id }) => id);
  // The largest paint is that of the ground rules in the page's file: when the page itself can be used is another figure.
  const seconds = ['largest-contentful-paint', 'interactive'].map((audit) => `${(figure(audit) / 1000).toFixed(1)} s`);
  return [
    scores(lhr),
    `${seconds.join(', ')}, ${figure('total-blocking-time').toFixed(0)} ms, ${figure('cumulative-layout-shift').toFixed(3)}`,
    failed.join(' ') || '-',
    `here ${score(here, 'performance')}, machine ${machine.toFixed(0)}`,
  ].join('; ');
}

/** The address of each page that the build wrote a file for. */
async function everyPage() {
  const routes = await (await fetch(`${server.address}/pages/routes.json`)).json();
  return routes.filter(({ file }) => file).map(({ word }) => `/${word}`);
}

const [jar, demo, ...more] = process.argv.slice(2);
const times = /^\d+$/.test(more[0] ?? '') ? Number(more.shift()) : 1;
const server = await Server.withDemoDay(jar, demo, 18789);
const paths = more.length > 0 ? more : await everyPage();
const chrome = await launch({ chromePath, chromeFlags: ['--headless', '--no-sandbox', '--disable-gpu', '--disable-dev-shm-usage'] });
try {
  // As in the middle of a morning: every page was looked at once, and what that set off is computed.
  for (const path of paths) {
    await lighthouse(server.address + path, { port: chrome.port, onlyCategories: ['performance'], logLevel: 'error' }, desktopConfig);
  }
  await server.quiet();
  console.log('page, where: performance/accessibility/best practices; largest paint, usable, blocked, shift; failed audits; '
    + `all as on a machine of ${GUIDE_MACHINE}; on this one: performance, speed of the machine just before`);
  for (const onDesk of [true, false]) {
    for (const path of paths) {
      const where = `${path}, ${onDesk ? 'desk' : 'phone'}`;
      const visits = [];
      for (let time = 0; time < times; time++) visits.push(await visit(server.address + path, chrome.port, onDesk));
      const each = await onGuideMachine(visits);
      for (const one of each) console.log(`${where}: ${said(one)}`);
      // What else the machine does tells on a single visit: the library's guide takes the median of five.
      if (times > 1) console.log(`${where}, the median of ${times}: ${scores(computeMedianRun(each.map(({ lhr }) => lhr)))}`);
    }
  }
} finally {
  chrome.kill();
  await server.close();
}
