import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { Problem } from '../../shared/http';
import { putRun, withdrawRun } from './api';
import { added, readOutbox, refused, stored, type Entry, type Outbox } from './outbox';

const KEY = 'wren-lane.outbox';
const RETRY = 4000;

/** Whether trying again may help: the server is out of reach or stumbled, rather than said no. */
function passing(e: unknown): boolean {
  return !(e instanceof Problem) || e.status === 0 || e.status >= 500;
}

/** Keeps what was done on this device until the server has it: survives a reload and a server out of reach. */
export function useOutbox(): {
  box: Outbox;
  reached: boolean;
  add: (entry: Entry) => void;
  dismiss: () => void;
} {
  const client = useQueryClient();
  const [box, setBox] = useState(() => readOutbox(localStorage.getItem(KEY)));
  const [reached, setReached] = useState(true);
  const held = useRef(box);
  const busy = useRef(false);

  const keep = useCallback((next: Outbox) => {
    held.current = next;
    localStorage.setItem(KEY, JSON.stringify(next));
    setBox(next);
  }, []);

  const flush = useCallback(async () => {
    if (busy.current) return;
    busy.current = true;
    try {
      for (let entry = held.current.waiting[0]; entry !== undefined; entry = held.current.waiting[0]) {
        const sent = entry;
        try {
          await (sent.kind === 'log' ? putRun(sent.id, sent.run) : withdrawRun(sent.id));
          setReached(true);
          await client.invalidateQueries();
          keep(stored(held.current, sent));
        } catch (e) {
          if (passing(e)) {
            setReached(false);
            return;
          }
          keep(refused(held.current, sent, e instanceof Error ? e.message : ''));
        }
      }
    } finally {
      busy.current = false;
    }
  }, [client, keep]);

  useEffect(() => {
    void flush();
    const again = setInterval(() => void flush(), RETRY);
    const online = () => void flush();
    window.addEventListener('online', online);
    return () => {
      clearInterval(again);
      window.removeEventListener('online', online);
    };
  }, [flush]);

  const add = (entry: Entry) => {
    keep(added(held.current, entry));
    void flush();
  };
  return { box, reached, add, dismiss: () => keep({ ...held.current, refused: [] }) };
}
