// Kills a server again and again while four clients log runs and one brings files in, moves its data file away and back, and
// restores copies: what was told as stored is there afterwards, or in the copy made before a restoration; an import is whole
// or not there at all.
// Usage: node bench/crash.mjs JAR DEMO_FILE [KILLS] [SEED] [MOVES] [RESTORATIONS]
import { rename } from 'node:fs/promises';
import { join } from 'node:path';
import { random, send, Server } from './server.mjs';

const [jar, demo, kills = '100', seed = '7', moves = '20', restorations = '20'] = process.argv.slice(2);
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
/** While it holds, nobody sends anything more. */
let paused = false;
let underWay = 0;
let number = 0;

const run = () => ({ dayId: day.id, riderId, machineId, courseId, side: number % 2 ? 'LEFT' : 'RIGHT', settingMetres: 7.2, faults: [],
  loggedAt: new Date().toISOString() });

const wait = (ms) => new Promise((go) => setTimeout(go, ms));

async function turn() {
  while (paused && !stopped) await wait(10);
}

/** Lets nobody begin anything, and waits until what was begun is answered. */
async function pause() {
  paused = true;
  while (underWay > 0) await wait(10);
}

/** Logs one run after another; one that was not acknowledged is sent again, as the page's outbox does. */
async function client(name) {
  while (!stopped) {
    await turn();
    const id = `${name}-${String(number++).padStart(8, '0')}`;
    const body = run();
    for (;;) {
      try {
        underWay++;
        const answer = await fetch(`${server.address}/api/runs/${id}`, send('PUT', body)).finally(() => underWay--);
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
      if (stopped || paused) break;
      await wait(20);
    }
  }
}

const file = (name) => ({ format: 'wren-lane-days/3', yards: [], machines: [], courses: [], days: [],
  riders: Array.from({ length: 40 }, (_, i) => ({ key: `r${i}`, name: `${name} ${i}`, level: 'NOVICE', school: 'DRAG' })) });

async function importer() {
  while (!stopped) {
    await turn();
    const name = `file-${String(number++).padStart(8, '0')}`;
    try {
      underWay++;
      const answer = await fetch(`${server.address}/api/imports`, send('POST', file(name))).finally(() => underWay--);
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
  const ids = await stored();
  for (const id of told) if (!ids.has(id)) failures.push(`run ${id} was told as stored and is gone`);
}

/** Ids of the runs that are there. */
async function stored() {
  const { days } = await server.json(`/api/riders/${riderId}/progress?kind=${kind}`);
  return new Set(days.flatMap((d) => d.runs).map((r) => r.id));
}

/** Moves the data file away for a moment, with everybody going on. */
async function moveAway() {
  const file = join(server.data, 'wren-lane.db');
  await rename(file, `${file}.aside`);
  await wait(50 + next() * 300);
  await rename(`${file}.aside`, file);
}

async function restore(name) {
  return (await server.json('/api/copies/restorations', send('POST', { name }))).before;
}

/** Restores a copy under load: what was told as stored until then is in the data, or in the copy made before. */
async function restoreUnderLoad() {
  const { name } = await server.json('/api/copies', send('POST', {}));
  await wait(100 + next() * 300);
  const before = await restore(name);
  await wait(100);
  await pause();
  const after = await stored();
  await restore(before);
  const earlier = await stored();
  for (const id of acknowledged) {
    if (!after.has(id) && !earlier.has(id)) failures.push(`run ${id} is neither in the data nor in the copy made before`);
    // Logged after the restoration, it is gone with the second one.
    if (!earlier.has(id)) acknowledged.delete(id);
  }
  const riders = new Set((await server.json('/api/riders')).map((r) => r.name));
  for (const name of imported) if (!riders.has(`${name} 0`)) imported.delete(name);
  paused = false;
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
  for (let move = 0; move < Number(moves) && failures.length === 0; move++) {
    await moveAway();
    await wait(100 + next() * 200);
    await check();
  }
  for (let i = 0; i < Number(restorations) && failures.length === 0; i++) {
    await wait(100 + next() * 300);
    await restoreUnderLoad();
  }
  stopped = true;
  await Promise.all(all);
  await check();
  console.log(`crash, seed ${seed}: ${kills} kills, ${moves} moved files, ${restorations} restorations; ${acknowledged.size} runs and ${imported.size} files acknowledged, ${failures.length} lost or torn`);
  failures.slice(0, 20).forEach((f) => console.error(`  ${f}`));
} finally {
  stopped = true;
  await server.close();
}
if (failures.length > 0) process.exit(1);
