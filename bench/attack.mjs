// Fifty signed-in devices and the laptop log beside slow strangers: the laptop's own writes stay quick. Then floods of papers,
// tables that are far too large and guesses from many addresses come on top. In both, nothing acknowledged is lost, no status
// is above 499 but 503 and 507, and a minute later nothing is busy any more.
// Usage: node bench/attack.mjs JAR DEMO_FILE [SECONDS] [SEED] [DEVICES] [STRANGERS] [MOST_MS]
import { X509Certificate } from 'node:crypto';
import { Agent, request } from 'node:https';
import { connect, createSecureContext } from 'node:tls';
import { PASSPHRASE, random, send, Server, spread } from './server.mjs';

const [jar, demo, seconds = '60', seed = '5', devices = '50', strangers = '150', most = '100'] = process.argv.slice(2);
const next = random(Number(seed));
const server = await Server.withDemoDay(jar, demo, 18830, { onNetwork: true });
const port = new URL(server.network).port;
const [day] = await server.json('/api/days');
const { riderId, machineId } = day.riders[0];
const courseId = day.courseIds[0];
const { kind } = await server.json(`/api/courses/${courseId}`);
const certificate = await (await fetch(`${server.address}/api/network/authority.crt`)).arrayBuffer();
const trust = { ca: new X509Certificate(Buffer.from(certificate)).toString() };

// Made once: it costs whoever attacks more than the connection does.
const secureContext = createSecureContext(trust);

const wait = (ms) => new Promise((go) => setTimeout(go, ms));
const acknowledged = new Set();
const statuses = new Map();
const failures = [];
let laptop = [];
let stopped = false;
let number = 0;

function note(who, status) {
  const key = `${who} ${status}`;
  statuses.set(key, (statuses.get(key) ?? 0) + 1);
  if (status >= 500 && status !== 503 && status !== 507) failures.push(`${who}: ${status}`);
}

/** Asks over the network from an address of its own; the status and the cookie that came with it. */
function ask(from, method, path, body, headers = {}) {
  return new Promise((go) => {
    const asked = request(
      server.network + path,
      { ...trust, agent: from.agent, method, headers: { 'Content-Type': 'application/json', ...headers } },
      (answer) => {
        answer.resume();
        answer.on('end', () => go({ status: answer.statusCode, cookie: answer.headers['set-cookie']?.[0]?.split(';')[0] }));
        answer.on('error', () => go({ status: 0 }));
      },
    );
    asked.on('error', (e) => go({ status: 0, error: e.message }));
    asked.end(body === undefined ? undefined : JSON.stringify(body));
  });
}

const WARM_UP_MS = Math.min(20_000, 500 * Number(seconds));
const address = (net, i) => `127.${net}.${Math.floor(i / 250)}.${1 + (i % 250)}`;
const from = (localAddress) => ({ agent: new Agent({ keepAlive: true, maxSockets: 2, localAddress, ...trust }) });

const run = () => ({ dayId: day.id, riderId, machineId, courseId, side: 'LEFT', settingMetres: 7.2, faults: [],
  loggedAt: new Date().toISOString() });

/** A device in the yard: a run a second, sent again until it is acknowledged. */
async function device({ i, here, cookie }) {
  while (!stopped) {
    await wait(500 + next() * 1000);
    const id = `attack-${i}-${String(number++).padStart(6, '0')}`;
    for (let status = 0; status !== 200 && !stopped; ) {
      ({ status } = await ask(here, 'PUT', `/api/runs/${id}`, run(), { Cookie: cookie }));
      note('device', status);
      if (status === 200) acknowledged.add(id);
      else await wait(200);
    }
  }
}

/** Somebody who sends a byte now and then, and comes again when sent away. */
async function stranger(i) {
  while (!stopped) {
    await new Promise((go) => {
      const socket = connect({ host: '127.0.0.1', port, localAddress: address(2, i), secureContext }, () => {
        socket.write(`POST /api/${i % 3 ? 'session' : 'riders'} HTTP/1.1\r\nHost: 127.0.0.1:${port}\r\n`
          + 'Content-Type: application/json\r\nContent-Length: 4000\r\n\r\n');
      });
      const trickle = setInterval(() => (stopped ? socket.destroy() : socket.write('{')), 2000);
      socket.on('error', () => {});
      socket.on('data', () => {});
      socket.on('close', () => {
        clearInterval(trickle);
        go();
      });
    });
    await wait(200);
  }
}

async function guesser(i) {
  const here = from(address(3, i));
  while (!stopped) {
    note('guess', (await ask(here, 'POST', '/api/session', { passphrase: `four wet cones ${number++}` })).status);
    await wait(100);
  }
}

/** From the laptop's own port, many at once. */
async function flood(who, count, path, options) {
  while (!stopped) {
    await Promise.all(Array.from({ length: count }, async () => {
      try {
        const answer = await fetch(server.address + path, options);
        await answer.arrayBuffer();
        note(who, answer.status);
      } catch {
        note(who, 0);
      }
    }));
    await wait(1000);
  }
}

/** The laptop logs a run after another; how long each takes is what counts. */
async function logs() {
  while (!stopped) {
    const id = `attack-laptop-${String(number++).padStart(6, '0')}`;
    const begun = performance.now();
    const answer = await fetch(`${server.address}/api/runs/${id}`, send('PUT', run()));
    await answer.arrayBuffer();
    laptop.push(performance.now() - begun);
    note('laptop', answer.status);
    if (answer.ok) acknowledged.add(id);
    await wait(50);
  }
}

const table = (text) => send('POST', { text, dates: 'DAY_FIRST', lengths: 'METRIC' });
const wide = table(`rider,date\n${','.repeat(15_000_000)}`);
const long = table(`rider,date\n${'a rider nobody knows,2026-05-14\n'.repeat(380_000)}`);
const told = (s) => `median ${s.median.toFixed(1)} ms, 99 % ${s.p99.toFixed(0)} ms, longest ${s.longest.toFixed(0)} ms`;
let beside;
let flooded;
try {
  const inTheYard = [];
  for (let i = 0; i < Number(devices); i++) {
    const here = from(address(1, i));
    const { status, cookie, error } = await ask(here, 'POST', '/api/session', { passphrase: PASSPHRASE });
    if (cookie === undefined) throw new Error(`device ${i} is not let in: ${status} ${error ?? ''}`);
    inTheYard.push({ i, here, cookie });
  }
  const calmly = [...inTheYard.map(device), logs()];
  // As on a day that has begun: the code that stores a run has been compiled.
  await wait(WARM_UP_MS);
  const strangersCome = Array.from({ length: Number(strangers) }, (_, i) => stranger(i));
  laptop = [];
  await wait(1000 * Number(seconds));
  beside = spread(laptop);
  laptop = [];
  const floods = [
    ...Array.from({ length: 40 }, (_, i) => guesser(i)),
    flood('paper', 40, `/api/days/${day.id}/lesson.pdf`),
    flood('wide table', 6, '/api/calculations/run-file-previews', wide),
    flood('long table', 6, '/api/calculations/run-file-previews', long),
  ];
  await wait(1000 * Number(seconds));
  flooded = spread(laptop);
  stopped = true;
  await Promise.all([...calmly, ...strangersCome, ...floods]);
  const { days } = await server.json(`/api/riders/${riderId}/progress?kind=${kind}`);
  const there = new Set(days.flatMap((d) => d.runs).map((r) => r.id));
  for (const id of acknowledged) if (!there.has(id)) failures.push(`run ${id} was told as stored and is gone`);
  if (/OutOfMemoryError/.test(server.said)) failures.push('the server ran out of memory');
  const calm = await Promise.race([server.quiet().then(() => true), wait(60_000).then(() => false)]);
  if (!calm) failures.push('something is busy a minute later');
  if (beside.p99 > Number(most)) failures.push(`the laptop's own writes: 99 % ${beside.p99.toFixed(0)} ms`);
  console.log(`attack, seed ${seed}: ${devices} devices, ${acknowledged.size} runs acknowledged; the laptop's writes`
    + ` beside ${strangers} strangers, ${seconds} s: ${told(beside)}; flooded, ${seconds} s: ${told(flooded)};`
    + ` ${[...statuses].map(([k, n]) => `${k}: ${n}`).sort().join(', ')}`);
  failures.slice(0, 20).forEach((f) => console.error(`  ${f}`));
} finally {
  stopped = true;
  await server.close();
}
process.exit(failures.length > 0 ? 1 : 0);
