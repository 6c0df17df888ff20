import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { deviceName } from '../../shared/device';
import { Problem } from '../../shared/http';
import { putRun, withdrawRun, type RunRequest } from './api';
import { correction, type Entry, type LoggedRun, type Outbox } from './outbox';
import {
  dismissRefused,
  firstWaiting,
  letGo,
  onOtherTabs,
  putAside,
  putWaiting,
  readOutbox,
  takeOver,
} from './outboxStore';

const RETRY = 4000;

/** Statuses after which trying again may help, besides those from 500 on: too slow, too much at once. */
const PASSING = [0, 408, 429];

/** Whether trying again may help: the server is out of reach or stumbled, rather than said no. */
function passing(e: unknown): boolean {
  return !(e instanceof Problem) || e.status >= 500 || PASSING.includes(e.status);
}

export interface HeldOutbox {
  box: Outbox;
  reached: boolean;
  add: (entry: Entry) => void;
  /** Puts a run in the place of another that says the same but for what is given, and says its id. */
  correct: (run: LoggedRun, changes: Partial<RunRequest>) => string;
  dismiss: () => void;
}

/** Keeps what was done on this device until the server has it: survives a reload and a server out of reach. */
export function useOutbox(): HeldOutbox {
  const client = useQueryClient();
  const [box, setBox] = useState(() => {
    takeOver();
    return readOutbox();
  });
  const [reached, setReached] = useState(true);
  const busy = useRef(false);
  const look = useCallback(() => setBox(readOutbox()), []);

  const flush = useCallback(async () => {
    if (busy.current) return;
    busy.current = true;
    try {
      for (let first = firstWaiting(); first !== undefined; first = firstWaiting()) {
        const { place, entry } = first;
        try {
          await (entry.kind === 'log' ? putRun(entry.id, entry.run) : withdrawRun(entry.id));
          setReached(true);
          await client.invalidateQueries();
          letGo(place);
        } catch (e) {
          if (passing(e)) {
            setReached(false);
            return;
          }
          putAside(place, { entry, message: e instanceof Error ? e.message : '' });
        }
        look();
      }
    } finally {
      busy.current = false;
    }
  }, [client, look]);

  useEffect(() => {
    void flush();
    const again = setInterval(() => void flush(), RETRY);
    const online = () => void flush();
    window.addEventListener('online', online);
    const quiet = onOtherTabs(look);
    return () => {
      clearInterval(again);
      window.removeEventListener('online', online);
      quiet();
    };
  }, [flush, look]);

  const add = (entry: Entry) => {
    putWaiting(entry);
    look();
    void flush();
  };
  const dismiss = () => {
    dismissRefused();
    look();
  };
  const correct = (run: LoggedRun, changes: Partial<RunRequest>) => {
    const id = crypto.randomUUID();
    add({ kind: 'log', id, run: correction(run, changes, deviceName(), new Date()) });
    return id;
  };
  return { box, reached, add, correct, dismiss };
}
