import { useQueryClient, type QueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { deviceName } from '../../shared/device';
import { countKept, keys, Problem, readRunsAnew } from '../../shared/http';
import { useSay } from '../../shared/ui';
import { putRun, withdrawRun } from './api';
import { correction, EMPTY, type Changes, type Entry, type LoggedRun, type Outbox } from './outbox';
import {
  dismissRefused,
  firstWaiting,
  lastSent,
  letGoOfSent,
  markSent,
  onOtherTabs,
  putAside,
  putWaiting,
  readOutbox,
  takeOver,
} from './outboxStore';

const RETRY = 4000;

const UNKEPT =
  'Not logged: this browser does not let the page keep anything. Write it down, and log it on another device.';

let persisted: Promise<boolean> | undefined;

/** Asks the browser once not to throw away what waits here, however short of room it gets. */
function askToPersist() {
  persisted ??= navigator.storage?.persist?.().catch(() => false) ?? Promise.resolve(false);
}

/** Statuses after which trying again may help, besides those from 500 on: not signed in, too slow, too much at once. */
const PASSING = [0, 401, 408, 429];

/** Whether trying again may help: the server is out of reach or stumbled, rather than said no. */
function passing(e: unknown): boolean {
  return !(e instanceof Problem) || e.status >= 500 || PASSING.includes(e.status);
}

const SHOWN = new Set<unknown>([keys.range()[1], keys.rangeOfDrill()[1], keys.runLog()[1]]);

/** Reads anew what shows runs; whether all of it came from the server, and none was only kept from before. */
async function readAnew(client: QueryClient): Promise<boolean> {
  const before = countKept();
  // How far the day is shows on every page; nobody waits for it.
  void client.refetchQueries({ queryKey: keys.briefing(), type: 'active' });
  await readRunsAnew(client);
  const runs = client.getQueryCache().findAll({
    type: 'active',
    predicate: ({ queryKey }) => SHOWN.has(queryKey[1]),
  });
  return countKept() === before && runs.every(({ state }) => state.status !== 'error');
}

export interface HeldOutbox {
  box: Outbox;
  /** Whether something is on its way into the box, or the box has not been read yet: then it says less than was done. */
  keeping: boolean;
  reached: boolean;
  add: (entry: Entry) => void;
  /** Puts a run in the place of another that says the same but for what is given, and says its id. */
  correct: (run: LoggedRun, changes: Changes, drillName?: string) => string;
  dismiss: () => void;
}

/** Keeps what was done on this device until the server has it: survives a reload and a server out of reach. */
export function useOutbox(): HeldOutbox {
  const client = useQueryClient();
  const say = useSay();
  const [box, setBox] = useState(EMPTY);
  const [read, setRead] = useState(false);
  const [putting, setPutting] = useState(0);
  const [reached, setReached] = useState(true);
  const busy = useRef(false);
  const reading = useRef(false);
  const look = useCallback(async () => setBox(await readOutbox()), []);

  // Reads the server after it was sent something; what is done meanwhile does not wait for that.
  const settle = useCallback(async () => {
    if (reading.current) return;
    reading.current = true;
    try {
      for (let last = await lastSent(); last !== undefined; last = await lastSent()) {
        if (!(await readAnew(client))) return;
        await letGoOfSent(last);
        await look();
      }
    } finally {
      reading.current = false;
    }
  }, [client, look]);

  const flush = useCallback(async () => {
    if (busy.current) return;
    busy.current = true;
    try {
      for (let first = await firstWaiting(); first !== undefined; first = await firstWaiting()) {
        const { place, entry } = first;
        try {
          await (entry.kind === 'log' ? putRun(entry.id, entry.run) : withdrawRun(entry.id));
          setReached(true);
          await markSent(place, entry);
        } catch (e) {
          if (passing(e)) {
            setReached(false);
            return;
          }
          await putAside(place, { entry, message: e instanceof Error ? e.message : '' });
        }
        await look();
      }
    } finally {
      busy.current = false;
    }
    await settle();
  }, [look, settle]);

  useEffect(() => {
    const unread = () => undefined;
    const send = () => void flush().catch(unread);
    // What this device cannot read it has not kept either: said when something is to be kept.
    void takeOver()
      .then(look)
      .finally(() => setRead(true))
      .then(flush)
      .catch(unread);
    const again = setInterval(send, RETRY);
    window.addEventListener('online', send);
    const quiet = onOtherTabs(() => void look().catch(unread));
    return () => {
      clearInterval(again);
      window.removeEventListener('online', send);
      quiet();
    };
  }, [flush, look]);

  const add = (entry: Entry) => {
    askToPersist();
    setPutting((before) => before + 1);
    putWaiting(entry)
      .then(look)
      .finally(() => setPutting((before) => before - 1))
      .then(flush)
      .catch(() => say.failed(new Error(UNKEPT)));
  };
  const dismiss = () => {
    dismissRefused().then(look).catch(say.failed);
  };
  const correct = (run: LoggedRun, changes: Changes, drillName = run.drillName) => {
    const id = crypto.randomUUID();
    add({ kind: 'log', id, run: correction(run, changes, deviceName(), new Date()), drillName });
    return id;
  };
  return { box, keeping: !read || putting > 0, reached, add, correct, dismiss };
}
