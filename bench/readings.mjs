// What a settled course shows, asked for as the page asks, on a server of its own: line and verdict, sizes, speed window.
// Usage: node bench/readings.mjs JAR DEMO_FILE
import { send, Server, spread } from './server.mjs';

const [jar, demo] = process.argv.slice(2);
const server = await Server.withDemoDay(jar, demo, 18797);
const json = server.json.bind(server);

/** Settings of the sizes' dimension that are tried, as shares of the standard one. */
const SHARES = [1, 1.1, 1.05, 0.97, 1.15, 1.02, 1.08, 0.99, 1.12, 1.04];

try {
  const [day] = await json('/api/days');
  const machineId = day.riders[0].machineId;
  const worst = [];
  for (const { kind, label, start, dimensions } of await json('/api/course-kinds')) {
    const { name } = dimensions.find((d) => d.ladder);
    const times = [];
    for (const share of SHARES) {
      const metres = Math.round(100 * share * start.lengths[name].metres) / 100;
      const length = { ...start.lengths[name], metres, text: `${metres.toFixed(2)} m` };
      const course = { ...start, name: label, lengths: { ...start.lengths, [name]: length } };
      const question = { course, machineId, level: 'DEVELOPING', settled: true };
      const from = performance.now();
      await Promise.all(
        ['/api/calculations/course-evaluations', '/api/calculations/course-ladders', '/api/calculations/speed-windows'].map((path) => json(path, send('POST', question))),
      );
      times.push(performance.now() - from);
    }
    const [first, ...later] = times;
    const { median, longest } = spread(later);
    worst.push(longest);
    console.log(`${kind}: first ${first.toFixed(0)} ms; another setting median ${median.toFixed(0)} ms, longest ${longest.toFixed(0)} ms`);
  }
  console.log(`longest of all but the first of each kind: ${Math.max(...worst).toFixed(0)} ms`);
} finally {
  await server.close();
}
