// A server of its own on this machine, with the demo day in a folder that is thrown away: what the loads and attacks use.
import { spawn } from 'node:child_process';
import { cp, mkdtemp, readFile, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

/** Numbers between 0 and 1 from a seed, the same each time (mulberry32). */
export function random(seed) {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

export const send = (method, body, headers = {}) => ({
  method,
  headers: { 'Content-Type': 'application/json', ...headers },
  body: JSON.stringify(body),
});

/** As ./wren starts it. */
const FLAGS = ['-Xmx512m', '-XX:+UseSerialGC', '-XX:MetaspaceSize=160m', '-XX:Tier4InvocationThreshold=50000', '-XX:Tier4MinInvocationThreshold=10000',
  '-XX:Tier4CompileThreshold=100000', '-XX:Tier4BackEdgeThreshold=400000'];

/** More of them, where an attack is short: its server runs too briefly to be worth optimising. */
const MORE_FLAGS = process.env.WREN_JAVA_FLAGS?.split(' ') ?? [];

/** A folder with the demo day brought in and computed, to begin with a copy of; bringing it in takes most of a short attack. */
const READY_DATA = process.env.WREN_READY_DATA;

/** Of the school, where phones are let in. */
export const PASSPHRASE = 'four wet cones apart';

export class Server {
  constructor(jar, demo, port) {
    this.jar = jar;
    this.demo = demo;
    this.port = port;
    this.address = `http://127.0.0.1:${port}`;
  }

  /**
   * On the network phones are let in too, on the next port; they know the passphrase.
   * `prepare` is given the folder before anything is in it.
   */
  static async withDemoDay(jar, demo, port, { onNetwork = false, prepare = () => {} } = {}) {
    const server = new Server(jar, demo, port);
    if (onNetwork) server.network = `https://127.0.0.1:${port + 1}`;
    server.data = await mkdtemp(join(tmpdir(), 'wren-lane-bench-'));
    prepare(server.data);
    if (READY_DATA !== undefined) await cp(READY_DATA, server.data, { recursive: true });
    await server.start();
    return server;
  }

  /** Starts the process with the memory the app is started with, and waits until it answers. */
  async start() {
    this.process = spawn(
      'java',
      [...FLAGS, ...MORE_FLAGS, `-XX:SharedArchiveFile=${this.jar.replace(/jar$/, 'jsa')}`, '-Xshare:auto',
        '-jar', this.jar, '--spring.main.lazy-initialization=true', `--wren.data=${this.data}`, `--wren.demo=${this.demo}`, `--server.port=${this.port}`,
        ...(this.network ? ['--wren.lan=true', `--wren.lan-port=${this.port + 1}`] : [])],
      { stdio: ['ignore', 'pipe', 'pipe'], env: { ...process.env, WREN_PASSPHRASE: PASSPHRASE } },
    );
    this.said = '';
    for (const stream of [this.process.stdout, this.process.stderr]) {
      stream.on('data', (text) => (this.said = (this.said + text).slice(-20000)));
    }
    this.ended = new Promise((go) => this.process.once('exit', go));
    for (;;) {
      try {
        if ((await fetch(`${this.address}/api/about`)).ok) return;
      } catch {
        if (this.process.exitCode !== null) throw new Error(`the server ended: ${this.said}`);
        await new Promise((go) => setTimeout(go, 25));
      }
    }
  }

  /** Ends the process as a power cut would. */
  async kill() {
    this.process.kill('SIGKILL');
    await this.ended;
  }

  async close() {
    this.process.kill();
    await this.ended;
    await rm(this.data, { recursive: true, force: true });
  }

  async json(path, options) {
    let answer = await fetch(this.address + path, options);
    // Told to try again in a moment, it does, as whoever reads it would; on a machine that stands still, for a minute.
    for (let tries = 0; (answer.status === 429 || answer.status === 503) && tries < 60; tries++) {
      await new Promise((go) => setTimeout(go, 1000));
      answer = await fetch(this.address + path, options);
    }
    if (!answer.ok) throw new Error(`${path}: ${answer.status} ${await answer.text()}`);
    return answer.status === 204 ? undefined : answer.json();
  }

  /** Times, in milliseconds, of a bare job beside this directory's scripts, on this server's data and with its library. */
  async bare(job, ...args) {
    const here = dirname(fileURLToPath(import.meta.url));
    const classes = join(dirname(this.jar), 'lib', '*');
    const process = spawn('java', ['-cp', classes, join(here, `${job}.java`), this.data, ...args.map(String)], {
      stdio: ['ignore', 'pipe', 'inherit'],
    });
    let said = '';
    process.stdout.on('data', (text) => (said += text));
    await new Promise((go) => process.once('close', go));
    return said.trim().split('\n').map(Number);
  }

  /** Waits until the process has next to nothing to do: what a question set off in the background is done. */
  async quiet() {
    const TICKS_PER_SECOND = 100;
    const spent = async () => {
      const stat = await readFile(`/proc/${this.process.pid}/stat`, 'utf8');
      // What follows the program's name, which may hold spaces.
      const [user, system] = stat.slice(stat.lastIndexOf(')') + 2).split(' ').slice(11, 13).map(Number);
      return (user + system) / TICKS_PER_SECOND;
    };
    let before = await spent();
    for (;;) {
      await new Promise((go) => setTimeout(go, 1000));
      const now = await spent();
      if (now - before < 0.05) return;
      before = now;
    }
  }

  /** Memory the process holds now and has held at most, in MB, as the system counts it. */
  async memory() {
    const status = await readFile(`/proc/${this.process.pid}/status`, 'utf8');
    const of = (name) => Math.round(Number(new RegExp(`${name}:\\s+(\\d+)`).exec(status)[1]) / 1024);
    return { now: of('VmRSS'), most: of('VmHWM') };
  }
}

/** The figures of many times, in milliseconds. */
export function spread(times) {
  const sorted = times.toSorted((a, b) => a - b);
  const at = (share) => sorted[Math.floor(share * (sorted.length - 1))] ?? 0;
  return { median: at(0.5), p95: at(0.95), p99: at(0.99), longest: at(1) };
}
