// Kills a server again and again while four clients log runs and one brings files in: what was told as stored is there
// afterwards, an import is whole or not there at all.
// Usage: node bench/crash.mjs JAR DEMO_FILE [KILLS] [SEED]
import { random, send, Server } from './server.mjs';

const [jar, demo, kills = '100', seed = '7'] = process.argv.slice(2);
const next = random(Number(seed));
const server = await Server.withDemoDay(jar, demo, 18802);
const [day] = await server.json('/api/days');
const { riderId, machineId } = day.riders[0];
const courseId = day.courseIds[0];
const { kind } = await server.json(`/api/courses/${courseId}`);

const acknowledged = new Set();
const imported = new Set();
const failures = [];
let stopped = false;
let running = false;
let number = 0;

const run = () => ({ dayId: day.id, riderId, machineId, courseId, side: number % 2 ? 'LEFT' : 'RIGHT', settingMetres: 7.2, faults: [],
  loggedAt: new Date().toISOString() });

/** Logs one run after another; one that was not acknowledged is sent again, as the page's outbox does. */
async function client(name) {
  while (!stopped) {
    const id = `${name}-${String(number++).padStart(8, '0')}`;
    const body = run();
    for (;;) {
      try {
        const answer = await fetch(`${server.address}/api/runs/${id}`, send('PUT', body));
        await answer.text();
        if (answer.ok) {
          acknowledged.add(id);
          break;
        }
        if (answer.status < 500) {
          failures.push(`run ${id}: ${answer.status}`);
          break;
        }
      } catch {
        // Killed, or not up yet.
      }
      if (stopped) return;
      await new Promise((go) => setTimeout(go, 20));
    }
  }
}

const file = (name) => ({ format: 'wren-lane-days/3', yards: [], machines: [], courses: [], days: [],
  riders: Array.from({ length: 40 }, (_, i) => ({ key: `r${i}`, name: `${name} ${i}`, level: 'NOVICE', school: 'DRAG' })) });

async function importer() {
  while (!stopped) {
    const name = `file-${String(number++).padStart(8, '0')}`;
    try {
      const answer = await fetch(`${server.address}/api/imports`, send('POST', file(name)));
      await answer.text();
      if (answer.ok) imported.add(name);
    } catch {
      // Killed, or not up yet.
    }
    await new Promise((go) => setTimeout(go, running ? 60 : 20));
  }
}

/** What was told as stored, and is not there. */
async function check() {
  const told = [...acknowledged];
  const whole = [...imported];
  const riders = await server.json('/api/riders');
  const files = new Map();
  for (const r of riders) {
    const name = /^(file-\d+) /.exec(r.name)?.[1];
    if (name) files.set(name, (files.get(name) ?? 0) + 1);
  }
  for (const [name, n] of files) if (n !== 40) failures.push(`${name} came in as ${n} of 40`);
  for (const name of whole) if (!files.has(name)) failures.push(`${name} was told as stored and is gone`);
  const { days } = await server.json(`/api/riders/${riderId}/progress?kind=${kind}`);
  const ids = new Set(days.flatMap((d) => d.runs).map((r) => r.id));
  for (const id of told) if (!ids.has(id)) failures.push(`run ${id} was told as stored and is gone`);
}

const all = [...['a', 'b', 'c', 'd'].map((n) => client(`crash-${n}`)), importer()];
try {
  for (let kill = 0; kill < Number(kills) && failures.length === 0; kill++) {
    running = true;
    await new Promise((go) => setTimeout(go, 100 + next() * 900));
    running = false;
    await server.kill();
    const soFar = acknowledged.size;
    await server.start();
    await check();
    if (kill % 20 === 19) console.log(`  ${kill + 1} kills, ${soFar} runs and ${imported.size} files acknowledged`);
  }
  stopped = true;
  await Promise.all(all);
  await check();
  console.log(`crash, seed ${seed}: ${kills} kills; ${acknowledged.size} runs and ${imported.size} files acknowledged, ${failures.length} lost or torn`);
  failures.slice(0, 20).forEach((f) => console.error(`  ${f}`));
} finally {
  stopped = true;
  await server.close();
}
if (failures.length > 0) process.exit(1);
