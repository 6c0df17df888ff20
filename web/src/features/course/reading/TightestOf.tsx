import { useState } from 'react';
import { said } from '../../../shared/http';
import { Button } from '../../../shared/ui';
import { lengthText, usePreferences } from '../../../shared/units';
import { tightest, type CourseKind, type CalculationRequest } from '../api';

type Found = { state: 'asked'; stop: () => void } | { state: 'found'; text: string };

/** How small any one length could be made for this machine and rider, all else as it is. */
export function TightestOf({ of, kind }: { of: CalculationRequest; kind: CourseKind }) {
  const [found, setFound] = useState<Record<string, Found>>({});
  const { system } = usePreferences();
  const ask = async (name: string) => {
    const put = (f: Found) => setFound((before) => ({ ...before, [name]: f }));
    const asking = new AbortController();
    put({ state: 'asked', stop: () => asking.abort() });
    try {
      const answer = await tightest(of, name, asking.signal);
      put({
        state: 'found',
        text:
          answer.metres === undefined
            ? 'fits at no setting'
            : `${lengthText(answer.metres, system)}${answer.smallestAllowed ? ', the smallest there is' : ''}`,
      });
    } catch (e) {
      if (!asking.signal.aborted) return put({ state: 'found', text: said(e) });
      setFound(({ [name]: _stopped, ...others }) => others);
    }
  };
  return (
    <details>
      <summary className="cursor-pointer">How tight could it go?</summary>
      <ul className="mt-2 grid gap-1">
        {kind.dimensions
          .filter((d) => d.quantity === 'METRES')
          .map((d) => {
            const f = found[d.name];
            return (
              <li key={d.name} className="flex items-center justify-between gap-3">
                <span>{d.label}</span>
                {f?.state === 'found' ? (
                  <span className="figures">{f.text}</span>
                ) : (
                  <Button onClick={() => (f ? f.stop() : void ask(d.name))}>
                    {f ? 'Calculating… Stop' : 'Find the least'}
                  </Button>
                )}
              </li>
            );
          })}
      </ul>
    </details>
  );
}
