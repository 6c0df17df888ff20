import { useEffect, useLayoutEffect, useRef, useState } from 'react';
import { flushSync } from 'react-dom';
import { Problem, said } from '../../shared/http';
import { inFigures, readNumber, type LengthSystem } from '../../shared/units';
import { readLength, type Calibrations, type Length, type Usual } from './api';
import { useKnown } from './known';
import { waitsToBeRead } from './unread';

type Reading =
  | { state: 'settled' }
  | { state: 'reading' }
  | { state: 'refused'; message: string }
  | { state: 'asked'; question: string; meanings: Length[] };

/** How long a person pauses before a length counts as typed, in milliseconds. */
const PAUSE = 250;

/** What a field for a length is told. */
export interface TypedLengthProps {
  value: Length | undefined;
  known?: Calibrations;
  /** What it usually holds: something far from it is asked about. */
  usual?: Usual;
  /** Whether nothing at all is a length here, such as how far along something stands. */
  orZero?: boolean;
  onRead: (length: Length) => void;
  onRefused?: () => void;
}

/** A length as it is typed: what it reads as, and what is wrong with it. */
export function useTypedLength(props: TypedLengthProps, system: LengthSystem) {
  const [text, setText] = useState(inFigures(props.value?.text ?? ''));
  const [seen, setSeen] = useState(props.value);
  const [reading, setReading] = useState<Reading>({ state: 'settled' });
  const asked = useRef<AbortController>(undefined);
  const waiting = useRef<ReturnType<typeof setTimeout>>(undefined);

  if (props.value !== seen) {
    setSeen(props.value);
    if (props.value !== undefined && props.value.metres !== seen?.metres) {
      setText(inFigures(props.value.text));
      setReading({ state: 'settled' });
    }
  }
  const isRead = useRef<() => void>(undefined);
  const readNow = useRef<() => Promise<boolean>>(undefined);
  useEffect(
    () => () => {
      clearTimeout(waiting.current);
      isRead.current?.();
    },
    [],
  );
  // Two fields typed in one breath: the second is told to who has heard of the first.
  const told = useRef(props.onRead);
  useLayoutEffect(() => {
    told.current = props.onRead;
  });

  const here = useKnown();
  const known = props.known ?? here;
  const knownKey = JSON.stringify(known);
  const readWith = useRef(knownKey);
  // Where a button waits for it, it is there before the button is pressed again.
  const settle = (length: Length) => {
    flushSync(() => {
      setReading({ state: 'settled' });
      told.current(length);
    });
  };
  const read = async (typed: string): Promise<boolean> => {
    clearTimeout(waiting.current);
    asked.current?.abort();
    const call = new AbortController();
    asked.current = call;
    readWith.current = knownKey;
    if (props.orZero && readNumber(typed.replace(/m$/, '')) === 0) {
      settle({ metres: 0, uncertaintyMetres: 0, method: 'TAPE', text: typed });
      return true;
    }
    setReading({ state: 'reading' });
    try {
      const { readings, question } = await readLength(typed, system, known, props.usual, call.signal);
      const meanings = readings.map((r) => r.length);
      if (question !== undefined) {
        setReading({ state: 'asked', question, meanings });
        props.onRefused?.();
        return false;
      }
      meanings.slice(0, 1).forEach(settle);
      return true;
    } catch (e) {
      if (call.signal.aborted) return true;
      setReading({ state: 'refused', message: e instanceof Problem ? e.message : said(e) });
      props.onRefused?.();
      return false;
    }
  };

  // What was refused for want of a pace or bay is read again once there is one.
  const refused = reading.state === 'refused';
  const open = refused || reading.state === 'asked';
  useEffect(() => {
    if (refused && readWith.current !== knownKey) waiting.current = setTimeout(() => void read(text));
    // Only a change of what is known counts: a text refused for another reason would be refused again.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [knownKey, refused]);

  const type = (typed: string) => {
    setText(typed);
    clearTimeout(waiting.current);
    isRead.current?.();
    let begun: Promise<boolean> | undefined;
    const once = () => (begun ??= read(typed).finally(() => done()));
    const done = waitsToBeRead(once);
    isRead.current = done;
    readNow.current = once;
    waiting.current = setTimeout(() => void once(), PAUSE);
  };

  return {
    text,
    reading,
    open,
    type,
    /** Reads what was typed without waiting for a pause. */
    readNow: () => void readNow.current?.(),
    /** Takes one of several meanings. */
    choose: (meaning: Length) => {
      setText(meaning.text);
      settle(meaning);
    },
  };
}
