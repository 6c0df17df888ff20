// Many years of a school: riders and runs by the thousand, brought in as a person would, and how long pages take then.
// Usage: node bench/scale.mjs JAR DEMO_FILE [RIDERS] [RUNS]
import { stat } from 'node:fs/promises';
import { join } from 'node:path';
import { random, send, Server, spread } from './server.mjs';

const [jar, demo, manyRiders = '1000', manyRuns = '1000000'] = process.argv.slice(2);
const RIDERS = Number(manyRiders);
const RUNS = Number(manyRuns);

/** Most lines a table has. */
const LINES = 100000;

/** Days of riding, a week apart. */
const DAYS = 20;

const server = await Server.withDemoDay(jar, demo, 18787);
const json = server.json.bind(server);
const chance = random(11);

/** A table of runs, from one number to another: each rider in turn, on each day. */
function table(names, course, from, to) {
  const lines = ['id,date,time,rider,course,side,setting,outcome'];
  for (let i = from; i < to; i++) {
    const day = Math.floor((i * DAYS) / RUNS);
    const date = new Date(Date.UTC(2026, 0, 5 + 7 * day)).toISOString().slice(0, 10);
    const second = i % 36000;
    const time = [8 + Math.floor(second / 3600), Math.floor(second / 60) % 60, second % 60]
      .map((n) => String(n).padStart(2, '0'))
      .join(':');
    const setting = (6 + Math.floor(chance() * 8) * 0.3).toFixed(1);
    const side = i % 2 ? 'left' : 'right';
    lines.push(`scale-${String(i).padStart(8, '0')},${date},${time},${names[i % names.length]},${course},${side},${setting},${chance() < 0.75 ? 'clean' : 'L'}`);
  }
  return { text: lines.join('\n'), dates: 'DAY_FIRST', lengths: 'METRIC' };
}

async function measure(name, count, job) {
  const times = [];
  for (let i = 0; i < count; i++) {
    const from = performance.now();
    await job(i);
    times.push(performance.now() - from);
  }
  report(name, times);
}

function report(name, times) {
  const { median, p95, longest } = spread(times);
  console.log(`${name}: ${times.length} times, median ${median.toFixed(1)} ms, 95 % ${p95.toFixed(1)} ms, longest ${longest.toFixed(1)} ms`);
}

try {
  const [day] = await json('/api/days');
  const [machine] = await json('/api/machines');
  const course = await json(`/api/courses/${day.courseIds[0]}`);
  const names = [];
  const ids = [];
  for (let i = 0; i < RIDERS; i++) {
    const name = `Rider ${String(i).padStart(4, '0')}`;
    const made = await json('/api/riders', send('POST', {
      name, level: 'DEVELOPING', school: 'CLUTCH_FIRST', machineId: machine.id, notes: '',
    }));
    names.push(name);
    ids.push(made.id);
  }
  const from = performance.now();
  for (let i = 0; i < RUNS; i += LINES) {
    const came = await json('/api/run-files', send('POST', table(names, course.name, i, Math.min(RUNS, i + LINES))));
    console.log(`brought in: ${i + came.added} runs after ${((performance.now() - from) / 1000).toFixed(0)} s`);
  }
  const file = (await stat(join(server.data, 'wren-lane.db'))).size;
  console.log(`file: ${(file / 1e6).toFixed(0)} MB, ${(file / RUNS).toFixed(0)} bytes a run`);
  const progress = (i) => json(`/api/riders/${ids[(i * 37) % RIDERS]}/progress`);
  await measure('progress of a rider, first time', 20, progress);
  await measure('progress of a rider', 60, (i) => progress(i % 20));
  report('  the rows of a rider alone, read once more', (await server.bare('BareRead', ...ids.slice(0, 60))).slice(20));
  await measure('riders', 20, () => json('/api/riders'));
  await measure('group of the demo day', 20, () => json(`/api/days/${day.id}/group`));
  await measure('briefing of the demo day', 20, () => json(`/api/days/${day.id}/briefing`));
  const again = performance.now();
  await server.kill();
  await server.start();
  console.log(`started again: ${((performance.now() - again) / 1000).toFixed(1)} s`);
} finally {
  await server.close();
}
