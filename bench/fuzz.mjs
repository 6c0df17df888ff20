// Spoilt requests made from the served API description: no 500, no answer over 5 s, nothing stored by a refusal, every
// error a problem document.
// Usage: node bench/fuzz.mjs JAR DEMO_FILE [COUNT] [SEED] [MOST_MS]
import { createHash } from 'node:crypto';
import { readFile } from 'node:fs/promises';
import { random, Server, spread } from './server.mjs';

const [jar, demo, count = '12000', seed = '20260514', most = '5000'] = process.argv.slice(2);
const MOST_MS = Number(most);
const next = random(Number(seed));
const pick = (list) => list[Math.floor(next() * list.length)];
const chance = (share) => next() < share;

const server = await Server.withDemoDay(jar, demo, 18801);
const api = await server.json('/api/openapi.json');
const STORES = ['/api/yards', '/api/machines', '/api/riders', '/api/courses', '/api/days', '/api/kit'];

/** Values that the demo day has, by the name of their field: requests made of them are nearly right. */
const known = new Map();
function harvest(value, name = '') {
  if (Array.isArray(value)) value.forEach((v) => harvest(v, name));
  if (value === null || typeof value !== 'object') {
    if (name !== '') known.set(name, [...(known.get(name) ?? []).slice(-40), value]);
    return;
  }
  for (const [key, v] of Object.entries(value)) {
    known.set(key, [...(known.get(key) ?? []).slice(-40), v]);
    harvest(v, key);
  }
}

const stored = {};
for (const path of STORES) {
  stored[path] = await server.json(path);
  harvest(stored[path]);
}
harvest(await server.json('/api/course-kinds'));
for (const [plural, field] of [['/api/machines', 'machineId'], ['/api/riders', 'riderId'], ['/api/courses', 'courseId'],
  ['/api/days', 'dayId'], ['/api/yards', 'yardId']]) {
  known.set(field, stored[plural].map((s) => s.id));
}

const EVIL = [null, true, false, 0, -1, 1.9, 1e30, 1e308, -1e308, 1e-320, 5e-9, '', ' ', '\u0000', '\u200b', '\ud800', 'NaN',
  'Infinity', '1e999', '0x10', 'DROP TABLE', '${7*7}', '<script>', '../../etc', '7.2 m', '9 paces', '2026-02-30',
  '9999-12-31', '-999999999-01-01', '2026-05-14T09:00:00Z', [], {}, [[]], [null], { a: 1 }, 'x'.repeat(5000), 4711, 2 ** 53];

const schemaOf = (schema) => (schema?.$ref ? api.components.schemas[schema.$ref.split('/').at(-1)] : schema);

/** A request as a person might have meant it. */
function meant(given, name = '', depth = 0) {
  const schema = schemaOf(given) ?? {};
  if (schema.enum) return pick(schema.enum);
  const values = known.get(name);
  if (values && chance(depth < 2 ? 0.5 : 0.85)) return structuredClone(pick(values));
  const type = Array.isArray(schema.type) ? pick(schema.type) : schema.type;
  if (schema.properties) {
    const optional = Object.keys(schema.properties).filter((p) => !(schema.required ?? []).includes(p));
    return Object.fromEntries(Object.entries(schema.properties)
      .filter(([p]) => !optional.includes(p) || chance(0.5))
      .map(([p, s]) => [p, meant(s, p, depth + 1)]));
  }
  switch (type) {
    case 'array':
      return Array.from({ length: Math.floor(next() * 3) }, () => meant(schema.items, name, depth + 1));
    case 'object': {
      const keys = (known.get(name) ?? []).filter((v) => v && typeof v === 'object').flatMap(Object.keys);
      return Object.fromEntries(Array.from({ length: keys.length ? 2 : 0 }, () => [pick(keys), meant(schema.additionalProperties, '', depth + 1)]));
    }
    case 'string':
      return schema.format === 'date' ? '2026-05-14' : schema.format === 'date-time' ? '2026-05-14T09:00:00Z' : `text ${Math.floor(next() * 9)}`;
    case 'integer':
      return Math.floor(next() * 12);
    case 'number':
      return Math.round(next() * 2000) / 100;
    case 'boolean':
      return chance(0.5);
    default:
      return meant({ type: 'string' }, name, depth + 1);
  }
}

/** The same with one thing somewhere replaced, removed, doubled or made very many. */
function spoilt(value) {
  if (value === null || typeof value !== 'object') return pick(EVIL);
  const copy = structuredClone(value);
  const keys = Object.keys(copy);
  if (keys.length === 0) return pick(EVIL);
  const key = pick(keys);
  if (chance(0.6) && copy[key] !== null && typeof copy[key] === 'object') copy[key] = spoilt(copy[key]);
  else if (chance(0.2)) Array.isArray(copy) ? copy.splice(Number(key), 1) : delete copy[key];
  else if (chance(0.15) && Array.isArray(copy)) copy.push(...Array.from({ length: pick([1, 30, 300]) }, () => structuredClone(copy[key])));
  else if (chance(0.1) && typeof copy[key] === 'number') copy[key] *= pick([-1, 1e-6, 1e3, 1e9]);
  else copy[key] = pick(EVIL);
  return copy;
}

function text(body) {
  const json = JSON.stringify(body) ?? '';
  if (chance(0.06)) return json.slice(0, Math.floor(next() * json.length));
  if (chance(0.04)) return json.replace(/"([a-zA-Z]+)":([^,{}[\]]+)/, '"$1":$2,"$1":$2');
  if (chance(0.03)) return json + json;
  return json;
}

const operations = Object.entries(api.paths).flatMap(([path, methods]) =>
  Object.entries(methods).map(([method, operation]) => ({ path, method: method.toUpperCase(), operation })));

function request() {
  const { path, method, operation } = pick(operations);
  const parameters = (operation.parameters ?? []).map((p) => ({ ...p, value: chance(0.85) ? meant(p.schema, p.name === 'id' ? `${path.split('/')[2].replace(/s$/, '')}Id` : p.name) : pick(EVIL) }));
  const filled = path.replace(/\{(\w+)\}/g, (_, name) => {
    const value = parameters.find((p) => p.in === 'path' && p.name === name)?.value;
    return encodeURIComponent(wellFormed(typeof value === 'object' ? JSON.stringify(value) : String(value))) || '0';
  });
  const query = parameters.filter((p) => p.in === 'query' && (p.required || chance(0.4)) && chance(0.95))
    .map((p) => `${p.name}=${encodeURIComponent(wellFormed(String(p.value)))}`).join('&');
  const headers = {};
  const content = operation.requestBody?.content;
  let body;
  if (content) {
    const type = Object.keys(content)[0];
    headers['Content-Type'] = chance(0.97) ? type : pick(['*/*', 'text/plain', 'application/x-www-form-urlencoded', 'nonsense']);
    const whole = path.startsWith('/api/imports') ? { ...importing() } : meant(content[type].schema);
    body = text(chance(0.3) ? whole : spoilt(whole));
  }
  if (method === 'PUT' || method === 'DELETE') headers['If-Match'] = chance(0.7) ? '*' : pick(['"1"', '"2"', 'x', '""']);
  if (chance(0.03)) headers.Accept = pick(['text/html', 'image/png', 'nonsense']);
  return { method, path: filled + (query === '' ? '' : `?${query}`), headers, body };
}

const wellFormed = (s) => s.toWellFormed();

function importing() {
  const { virtualRiders: _v, ...days } = demoDay;
  return chance(0.5) ? { format: days.format, yards: [], machines: [], riders: days.riders.map((r) => ({ ...r, machine: undefined })), courses: [], days: [] } : days;
}
const demoDay = JSON.parse(await readFile(demo, 'utf8'));

async function state() {
  const hash = createHash('sha256');
  for (const path of STORES) hash.update(await (await fetch(server.address + path)).text());
  return hash.digest('hex');
}

const problems = [];
const statuses = new Map();
const times = [];
let before = await state();
try {
  for (let done = 0; done < Number(count) && problems.length < 20; ) {
    const batch = Array.from({ length: Math.min(12, Number(count) - done) }, request);
    done += batch.length;
    let wrote = false;
    await Promise.all(batch.map(async (r) => {
      const from = performance.now();
      let answer;
      let said;
      try {
        answer = await fetch(server.address + r.path, r);
        said = await answer.text();
      } catch (e) {
        problems.push(`${r.method} ${r.path}: ${e.cause ?? e}`);
        return;
      }
      const took = performance.now() - from;
      times.push(took);
      statuses.set(answer.status, (statuses.get(answer.status) ?? 0) + 1);
      if (answer.ok && r.method !== 'GET') wrote = true;
      const wrong = [];
      if (answer.status >= 500) wrong.push(`status ${answer.status}`);
      if (took > MOST_MS) wrong.push(`took ${Math.round(took)} ms`);
      if (answer.status >= 400) {
        if (!String(answer.headers.get('Content-Type')).startsWith('application/problem+json')) wrong.push('no problem document');
        else if (!JSON.parse(said).detail) wrong.push('a problem without a sentence');
        if (/Exception|\tat /.test(said)) wrong.push('a trace');
        if (said.includes('x'.repeat(101))) wrong.push('the input said back');
      } else if (/"(?!\w*[nN]ame"|notes|title|text)\w+":("NaN"|"-?Infinity")/.test(said)) wrong.push('not a number');
      if (wrong.length > 0) problems.push(`${wrong.join(', ')}: ${said.slice(0, 300)}\n    ← ${r.method} ${r.path} ${r.body ?? ''}`);
    }));
    const after = await state();
    if (!wrote && after !== before) problems.push(`something was stored by a refusal: ${JSON.stringify(batch).slice(0, 2000)}`);
    before = after;
  }
  const s = spread(times);
  console.log(`fuzz, seed ${seed}: ${times.length} requests; median ${s.median.toFixed(1)} ms, 99 % ${s.p99.toFixed(0)} ms, longest ${s.longest.toFixed(0)} ms`);
  console.log(`  statuses: ${[...statuses].sort().map(([code, n]) => `${code} × ${n}`).join(', ')}`);
  console.log(`  memory: ${JSON.stringify(await server.memory())} MB`);
  problems.forEach((p) => console.error(p.slice(0, 1500)));
} finally {
  await server.close();
}
if (problems.length > 0) process.exit(1);
