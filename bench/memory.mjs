// The largest things there are at once: twelve cone plans of a day of twenty courses, and a comparison of sixty pairs on an
// eight with its limits; within the memory the app is started with.
// Usage: node bench/memory.mjs JAR DEMO_FILE
import { send, Server } from './server.mjs';

const [jar, demo] = process.argv.slice(2);
const server = await Server.withDemoDay(jar, demo, 18804);
try {
  console.log(`memory after the start: ${JSON.stringify(await server.memory())} MB`);
  const kinds = await server.json('/api/course-kinds');
  const [day] = await server.json('/api/days');
  const ids = [];
  for (let i = 0; i < 20; i++) {
    const kind = kinds[i % kinds.length];
    const lengths = {};
    const counts = {};
    for (const d of kind.dimensions) {
      if (d.quantity === 'METRES') lengths[d.name] = { metres: d.standard, uncertaintyMetres: 0.01, method: 'TAPE', text: `${d.standard} m` };
      else counts[d.name] = d.standard;
    }
    const course = { name: `${kind.label} ${i}`, kind: kind.kind, lengths, counts, options: {}, firstTurn: 'LEFT' };
    ids.push((await server.json('/api/courses', send('POST', course))).id);
  }
  const { id } = await server.json('/api/days', send('POST', { date: day.date, title: 'Twenty courses', yardId: day.yardId, courseIds: ids, stands: [], riders: day.riders }));
  const from = performance.now();
  const sizes = await Promise.all(Array.from({ length: 12 }, async () => {
    const answer = await fetch(`${server.address}/api/days/${id}/cone-plan.pdf`);
    const bytes = await answer.arrayBuffer();
    if (!answer.ok) throw new Error(`a cone plan: ${answer.status} ${new TextDecoder().decode(bytes).slice(0, 200)}`);
    return bytes.byteLength;
  }));
  console.log(`twelve cone plans of twenty courses at once: ${((performance.now() - from) / 1000).toFixed(1)} s, ${(sizes[0] / 1e6).toFixed(2)} MB each; memory ${JSON.stringify(await server.memory())} MB`);
  const eight = (await server.json('/api/courses')).find((c) => c.kind === 'figure-eight');
  const { name, kind, lengths, counts, options, firstTurn } = eight;
  const machines = await server.json('/api/machines');
  const pairs = Array.from({ length: 60 }, (_, i) => ({ machineId: machines[i % machines.length].id, level: ['NOVICE', 'DEVELOPING', 'SKILLED'][i % 3] }));
  const course = { name, kind, lengths, counts, options, firstTurn };
  let answers = 0;
  let longest = 0;
  for (let finished = 0; finished < pairs.length; answers++) {
    const asked = performance.now();
    ({ finished } = await server.json('/api/calculations/course-comparisons', send('POST', { course, pairs, limits: true })));
    longest = Math.max(longest, performance.now() - asked);
  }
  console.log(`sixty pairs on an eight, cold: all rows after ${answers} answers, the longest ${(longest / 1000).toFixed(1)} s; memory ${JSON.stringify(await server.memory())} MB`);
} finally {
  await server.close();
}
