// A bounded load on a server of its own on this machine: evaluations as a drag makes them, and runs as a range logs them.
// Usage: node bench/load.mjs JAR DEMO_FILE
import { spawn } from 'node:child_process';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const [jar, demo] = process.argv.slice(2);
const PORT = 18787;
const ADDRESS = `http://127.0.0.1:${PORT}`;
const data = await mkdtemp(join(tmpdir(), 'wren-lane-load-'));
const started = performance.now();
const server = spawn('java', ['-Xmx512m', '-XX:+UseSerialGC', `-XX:SharedArchiveFile=${jar.replace(/jar$/, 'jsa')}`, '-jar', jar,
  `--wren.data=${data}`, `--wren.demo=${demo}`, `--server.port=${PORT}`], { stdio: 'ignore' });

async function json(path, options) {
  const answer = await fetch(ADDRESS + path, options);
  if (!answer.ok) throw new Error(`${path}: ${answer.status} ${await answer.text()}`);
  return answer.json();
}

const send = (method, body) => ({ method, headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(body) });

async function ready() {
  for (let tries = 0; tries < 600; tries++) {
    try {
      const days = await json('/api/days');
      if (days.length === 5) return days[0];
    } catch {
      // Not listening yet.
    }
    await new Promise((go) => setTimeout(go, 50));
  }
  throw new Error('the server did not start');
}

/** Runs a job so many times, so many at once, and prints the spread of its times. */
async function measure(name, count, atOnce, job) {
  const times = [];
  let next = 0;
  const from = performance.now();
  await Promise.all(
    Array.from({ length: atOnce }, async () => {
      while (next < count) {
        const i = next++;
        const t = performance.now();
        await job(i);
        times.push(performance.now() - t);
      }
    }),
  );
  times.sort((a, b) => a - b);
  const at = (share) => times[Math.floor(share * (times.length - 1))].toFixed(1);
  const rate = (count / ((performance.now() - from) / 1000)).toFixed(0);
  console.log(`${name}: ${count} times, ${atOnce} at once: median ${at(0.5)} ms, 95 % ${at(0.95)} ms, longest ${at(1)} ms, ${rate} a second`);
}

try {
  const day = await ready();
  console.log(`start to demo day: ${((performance.now() - started) / 1000).toFixed(1)} s`);
  const course = await json(`/api/courses/${day.courseIds[0]}`);
  const { name, kind, lengths, counts, options, firstTurn } = course;
  const machineId = day.riders[0].machineId;
  const width = (i) => ({ ...lengths.widthMetres, metres: 5 + (i % 300) / 100 });
  const set = (i) => ({ name, kind, counts, options, firstTurn, lengths: { ...lengths, widthMetres: width(i) } });
  const evaluate = (settled) => (i) =>
    json('/api/course-evaluations', send('POST', { course: set(i), machineId, level: 'DEVELOPING', settled }));
  await measure('evaluation, first twenty', 20, 1, evaluate(false));
  await measure('evaluation, dragging', 300, 1, evaluate(false));
  await measure('evaluation, dragging, four pages', 300, 4, evaluate(false));
  await measure('evaluation, settled', 50, 1, evaluate(true));
  const pairs = day.riders.map((r) => ({ machineId: r.machineId, level: 'DEVELOPING' }));
  await measure('table of seven riders, both sides', 30, 1, (i) =>
    json('/api/course-comparisons', send('POST', { course: set(10 * i), pairs, limits: true })));
  await measure('speed windows', 30, 1, (i) =>
    json('/api/speed-windows', send('POST', { course: set(10 * i), machineId, level: 'DEVELOPING', settled: true })));
  const rider = day.riders[0];
  await measure('run logged', 300, 2, (i) =>
    json(`/api/runs/load-${String(i).padStart(8, '0')}`, send('PUT', {
      dayId: day.id, riderId: rider.riderId, machineId: rider.machineId, courseId: course.id,
      side: i % 2 ? 'LEFT' : 'RIGHT', settingMetres: 7.2, faults: [], loggedAt: new Date().toISOString(),
    })),
  );
  await measure('progress of one rider', 50, 1, () => json(`/api/riders/${rider.riderId}/progress`));
  await measure('briefing', 50, 1, () => json(`/api/days/${day.id}/briefing`));
} finally {
  const ended = new Promise((go) => server.once('exit', go));
  server.kill();
  await ended;
  await rm(data, { recursive: true, force: true });
}
