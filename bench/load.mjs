// A bounded load on a server of its own on this machine: evaluations as a drag makes them, and runs as a range logs them.
// Usage: node bench/load.mjs JAR DEMO_FILE
import { send, Server } from './server.mjs';

const [jar, demo] = process.argv.slice(2);
const started = performance.now();
const server = await Server.withDemoDay(jar, demo, 18787);
const json = server.json.bind(server);

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
  const [day] = await json('/api/days');
  console.log(`start to demo day: ${((performance.now() - started) / 1000).toFixed(1)} s`);
  const course = await json(`/api/courses/${day.courseIds[0]}`);
  const { name, kind, lengths, counts, options, firstTurn } = course;
  const machineId = day.riders[0].machineId;
  const width = (i) => ({ ...lengths.widthMetres, metres: 5 + (i % 300) / 100, text: `${(5 + (i % 300) / 100).toFixed(2)} m` });
  const set = (i) => ({ name, kind, counts, options, firstTurn, lengths: { ...lengths, widthMetres: width(i) } });
  const evaluate = (settled) => (i) =>
    json('/api/calculations/course-evaluations', send('POST', { course: set(i), machineId, level: 'DEVELOPING', settled }));
  await measure('evaluation, first twenty', 20, 1, evaluate(false));
  await measure('evaluation, dragging', 300, 1, evaluate(false));
  await measure('evaluation, dragging, four pages', 300, 4, evaluate(false));
  await measure('evaluation, settled', 50, 1, evaluate(true));
  const pairs = day.riders.map((r) => ({ machineId: r.machineId, level: 'DEVELOPING' }));
  await measure('table of seven riders, both sides', 30, 1, (i) =>
    json('/api/calculations/course-comparisons', send('POST', { course: set(10 * i), pairs, limits: true })));
  await measure('speed windows', 30, 1, (i) =>
    json('/api/calculations/speed-windows', send('POST', { course: set(10 * i), machineId, level: 'DEVELOPING', settled: true })));
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
  await server.close();
}
