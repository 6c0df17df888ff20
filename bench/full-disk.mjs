// Fills the disk under a server again and again while clients log runs, and kills it there every second time: what was
// acknowledged is there afterwards, what is refused is refused with 507, pages can be read meanwhile, and logging goes on
// once there is space. The disk is a small file system in memory, so whoever runs it must be allowed to mount one.
// Usage: node bench/full-disk.mjs JAR DEMO_FILE [ROUNDS] [SEED]
import { execFileSync } from 'node:child_process';
import { statfsSync } from 'node:fs';
import { rm, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { send, Server } from './server.mjs';

const [jar, demo, rounds = '10', seed = '7'] = process.argv.slice(2);
/** Large enough for the demo day and some thousand runs. */
const DISK_MB = 96;

const mount = (folder) => execFileSync('mount', ['-t', 'tmpfs', '-o', `size=${DISK_MB}m`, 'tmpfs', folder]);
const server = await Server.withDemoDay(jar, demo, 18812, { prepare: mount });
const ballast = join(server.data, 'ballast');
const [day] = await server.json('/api/days');
const { riderId, machineId } = day.riders[0];
const courseId = day.courseIds[0];
const { kind } = await server.json(`/api/courses/${courseId}`);

const acknowledged = new Set();
const failures = [];
let full = 0;
let number = 0;
let stopped = false;

const wait = (ms) => new Promise((go) => setTimeout(go, ms));

async function until(what, isSo) {
  for (let tries = 0; failures.length === 0 && !(await isSo()); tries++) {
    if (tries > 600) throw new Error(`still not so after a minute: ${what}`);
    await wait(100);
  }
}

/** Logs one run after another, and each again until it is acknowledged. */
async function client() {
  while (!stopped) {
    const id = `full-${String(number++).padStart(8, '0')}`;
    const body = { dayId: day.id, riderId, machineId, courseId, side: number % 2 ? 'LEFT' : 'RIGHT', settingMetres: 7.2,
      faults: [], loggedAt: new Date().toISOString() };
    while (!stopped) {
      try {
        const answer = await fetch(`${server.address}/api/runs/${id}`, send('PUT', body));
        const text = await answer.text();
        if (answer.ok) {
          acknowledged.add(id);
          break;
        }
        if (answer.status === 507) full++;
        else if (answer.status !== 503) failures.push(`run ${id}: ${answer.status} ${text}`);
      } catch {
        // Killed, or not up yet.
      }
      await wait(20);
    }
  }
}

async function fill() {
  const { bavail, bsize } = statfsSync(server.data);
  await writeFile(ballast, Buffer.alloc(bavail * bsize)).catch((e) => {
    // Runs took the last of it first.
    if (e.code !== 'ENOSPC') throw e;
  });
}

async function check() {
  const expected = [...acknowledged];
  const { days } = await server.json(`/api/riders/${riderId}/progress?kind=${kind}`);
  const stored = new Set(days.flatMap((d) => d.runs).map((r) => r.id));
  for (const id of expected) if (!stored.has(id)) failures.push(`run ${id} was acknowledged and is gone`);
}

const clients = Array.from({ length: 4 }, client);
try {
  for (let round = 0; round < Number(rounds) && failures.length === 0; round++) {
    const before = full;
    await fill();
    await until('runs are refused', () => full >= before + 8);
    const page = await fetch(`${server.address}/api/days`);
    if (!page.ok) failures.push(`a page on a full disk: ${page.status}`);
    if (round % 2 === 1) await server.kill();
    await rm(ballast);
    if (round % 2 === 1) await server.start();
    const so = acknowledged.size;
    await until('runs are stored again', () => acknowledged.size >= so + 20);
    await check();
  }
  stopped = true;
  await Promise.all(clients);
  await check();
  console.log(`full-disk, seed ${seed}: ${rounds} full disks, ${acknowledged.size} runs acknowledged, ${full} refused, ${failures.length} lost or answered wrongly`);
  failures.slice(0, 20).forEach((f) => console.error(`  ${f}`));
} finally {
  stopped = true;
  server.process.kill();
  await server.ended;
  execFileSync('umount', [server.data]);
  await rm(server.data, { recursive: true, force: true });
}
if (failures.length > 0) process.exit(1);
