// Twenty devices, signed in and over TLS, log fifty runs a second in all, a minute on a cold server and a minute on the same one warm, and read what their pages show; beside it, in the second minute,
// what a run costs at least: a bare insert of the same durability on the same disk. All the while every device listens for
// news, and how long after a run was acknowledged each of them heard is measured: gathered news may come for several at once.
// Usage: node bench/logging.mjs JAR DEMO_FILE [SECONDS]
import { X509Certificate } from 'node:crypto';
import { Agent, request } from 'node:https';
import { PASSPHRASE, Server, spread } from './server.mjs';

const [jar, demo, seconds = '60'] = process.argv.slice(2);
const CLIENTS = 20;
const PER_SECOND = 50;
const FIRST_SECONDS = 10;
const server = await Server.withDemoDay(jar, demo, 18803, { onNetwork: true });
const started = await server.memory();
const [day] = await server.json('/api/days');
const errors = [];

const ca = await (await fetch(`${server.address}/api/network/authority.crt`)).arrayBuffer();
const trust = { ca: new X509Certificate(Buffer.from(ca)).toString() };
const agent = new Agent({ keepAlive: true, ...trust });

/** Says the passphrase, and gives what the device carries from then on. */
function signIn() {
  return new Promise((go, fail) => {
    const asked = request(`${server.network}/api/session`, { agent, method: 'POST', headers: { 'Content-Type': 'application/json' } },
      (answer) => {
        answer.resume();
        const cookie = answer.headers['set-cookie']?.[0].split(';')[0];
        answer.once('end', () => (cookie ? go(cookie) : fail(new Error(`not signed in: ${answer.statusCode}`))));
      });
    asked.once('error', fail);
    asked.end(JSON.stringify({ passphrase: PASSPHRASE }));
  });
}

const cookies = [];
for (let i = 0; i < CLIENTS; i++) cookies.push(await signIn());

/** One request by the plainest means there are, so that the devices take little of the two cores from the server. */
function timed(times, number, path, body) {
  const from = performance.now();
  return new Promise((go) => {
    const done = (error) => {
      if (error) errors.push(`${path}: ${error}`);
      times.push(performance.now() - from);
      go();
    };
    const text = body && JSON.stringify(body);
    const asked = request(server.network + path, { agent, method: body ? 'PUT' : 'GET', headers: { Cookie: cookies[number],
      ...(body ? { 'Content-Type': 'application/json', 'Content-Length': Buffer.byteLength(text) } : {}) } }, (answer) => {
      answer.resume();
      answer.once('end', () => done(answer.statusCode < 300 ? undefined : answer.statusCode));
    });
    asked.once('error', done);
    asked.end(text);
  });
}

/** Runs that were acknowledged and of which a device has not heard yet, by the time they were. */
const unheard = Array.from({ length: CLIENTS }, () => []);
const late = [];

/** A device that listens: whatever it hears is taken to tell of all runs acknowledged before, which may be a quarter of a second too kind. */
function listen(number) {
  const asked = request(`${server.network}/api/news`, { agent: false, ...trust, headers: { Cookie: cookies[number] } }, (answer) => {
    answer.setEncoding('utf8');
    answer.on('data', (text) => {
      if (!text.includes('RUNS')) return;
      const now = performance.now();
      unheard[number].splice(0).forEach((at) => late.push(now - at));
    });
    answer.on('error', () => undefined);
  });
  asked.on('error', () => undefined);
  asked.end();
  return () => asked.destroy();
}

async function client(number, until, writes, reads) {
  const { riderId, machineId } = day.riders[number % day.riders.length];
  const courseId = day.courseIds[0];
  // Nobody taps in step with anybody else.
  await new Promise((go) => setTimeout(go, (number * 1000) / PER_SECOND));
  for (let i = 0; performance.now() < until; i++) {
    const due = performance.now() + (1000 * CLIENTS) / PER_SECOND;
    await timed(writes, number, `/api/runs/load-${number}-${Math.floor(until)}-${i}`, {
      dayId: day.id, riderId, machineId, courseId, side: i % 2 ? 'LEFT' : 'RIGHT', settingMetres: 7.2, faults: i % 7 ? [] : ['LINE'],
      loggedAt: new Date().toISOString(),
    });
    const acknowledged = performance.now();
    unheard.forEach((of) => of.push(acknowledged));
    await timed(reads, number, `/api/days/${day.id}/riders/${riderId}/range?courseId=${courseId}&machineId=${machineId}&settingMetres=7.2`);
    if (i % 5 === 0) await timed(reads, number, `/api/days/${day.id}/briefing`);
    await new Promise((go) => setTimeout(go, Math.max(0, due - performance.now())));
  }
}

async function load(name, forSeconds, beside) {
  const writes = [];
  const reads = [];
  late.length = 0;
  let early = 0;
  const counting = setTimeout(() => (early = writes.length), 1000 * FIRST_SECONDS);
  const until = performance.now() + 1000 * forSeconds;
  const [least] = await Promise.all([beside ? server.bare('BareInsert', PER_SECOND * forSeconds, PER_SECOND) : undefined,
    ...Array.from({ length: CLIENTS }, (_, i) => client(i, until, writes, reads))]);
  clearTimeout(counting);
  const w = spread(writes);
  const r = spread(reads);
  const ms = (n) => n.toFixed(1);
  console.log(`${name}: ${writes.length} runs logged, median ${ms(w.median)} ms, 99 % ${ms(w.p99)} ms, longest ${ms(w.longest)} ms; ${reads.length} reads, median ${ms(r.median)} ms, 99 % ${ms(r.p99)} ms`);
  if (early > 0) console.log(`  of these in the first ${FIRST_SECONDS} seconds: ${early}, median ${ms(spread(writes.slice(0, early)).median)} ms, 99 % ${ms(spread(writes.slice(0, early)).p99)} ms`);
  const l = spread(late);
  console.log(`  heard by all ${CLIENTS} devices: ${late.length} times, median ${ms(l.median)} ms, 99 % ${ms(l.p99)} ms, longest ${ms(l.longest)} ms after it was acknowledged`);
  if (least) {
    const b = spread(least);
    console.log(`  bare insert in the same minute: median ${ms(b.median)} ms, 99 % ${ms(b.p99)} ms; a logged run takes ${(w.median / b.median).toFixed(2)} times that in the median, ${(w.p99 / b.p99).toFixed(2)} times at 99 %`);
  }
}

const deaf = Array.from({ length: CLIENTS }, (_, i) => listen(i));
try {
  await load('cold server', Number(seconds), false);
  await load('warm', Number(seconds), true);
  console.log(`  memory: ${started.now} MB after the start, ${JSON.stringify(await server.memory())} MB after the load; ${errors.length} errors`);
  errors.slice(0, 10).forEach((e) => console.error(`  ${e}`));
} finally {
  deaf.forEach((stop) => stop());
  await server.close();
}
if (errors.length > 0) process.exit(1);
