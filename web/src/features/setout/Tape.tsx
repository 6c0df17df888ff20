import { useState } from 'react';
import { Toggle } from '../../shared/ui';
import { degreesText, lengthText, usePreferences } from '../../shared/units';
import type { SetOut } from './api';
import { SORTS } from './model';

export type Method = 'ALONG_AND_ACROSS' | 'TWO_TAPES';

/** The figures of every cone, by the method and in the order chosen, with boxes to tick. */
export function Tape(props: { setOut: SetOut; method: Method; onMethod: (method: Method) => void }) {
  const { method } = props;
  const { sheet, walk, tapes } = props.setOut;
  const { system } = usePreferences();
  const [order, setOrder] = useState<'LISTED' | 'WALKED'>('LISTED');
  const text = (metres: number) => lengthText(metres, system);
  const byTapes = method === 'TWO_TAPES';
  const numbers = order === 'WALKED' ? walk.order : sheet.steps.map((_, i) => i);
  return (
    <section>
      <div className="no-print mb-3 flex flex-wrap gap-4">
        <Toggle
          label="Method"
          value={method}
          options={[
            { value: 'ALONG_AND_ACROSS', label: 'Along and across' },
            { value: 'TWO_TAPES', label: 'Two tapes' },
          ]}
          onChoose={props.onMethod}
        />
        <Toggle
          label="Order"
          value={order}
          options={[
            { value: 'LISTED', label: 'As lettered' },
            { value: 'WALKED', label: 'Least walking' },
          ]}
          onChoose={setOrder}
        />
      </div>
      <p className="mb-2">
        {byTapes ? (
          <TwoTapesText tapes={tapes} />
        ) : (
          <>
            Lay the tape along the run from the datum, the corner from which no figure is negative.{' '}
            <b>Along</b> runs on that tape, <b>across</b> goes square to it.
          </>
        )}{' '}
        Cones of a line stand outside their mark, their base touching it. Rounded to{' '}
        {system === 'METRIC' ? '1 cm' : '½ in'}.
      </p>
      <table className="table-plain">
        <caption className="sr-only">Tape figures</caption>
        <thead>
          <tr>
            <th>Cone</th>
            <th>What</th>
            <th className="text-right!">{byTapes ? 'From P' : 'Along'}</th>
            <th className="text-right!">{byTapes ? 'From Q' : 'Across'}</th>
            {byTapes && <th className="text-right!">± about</th>}
            <th className="text-right!">Done</th>
          </tr>
        </thead>
        <tbody>
          {numbers.map((i) => {
            const s = sheet.steps[i];
            const t = tapes.steps[i];
            if (s === undefined || t === undefined) return null;
            return (
              <tr key={s.cone.label}>
                <td className="font-semibold">{s.cone.label}</td>
                <td>
                  {SORTS[s.cone.sort]}
                  {s.cone.role !== 'EDGE' && <span className="text-soft">, {s.cone.role.toLowerCase()}</span>}
                  {byTapes && t.flat && (
                    <span className="text-brick">, tapes cross at only {degreesText(t.crossingRadians)}</span>
                  )}
                </td>
                <td className="figures text-right whitespace-nowrap">
                  {text(byTapes ? t.firstMetres : s.alongMetres)}
                </td>
                <td className="figures text-right whitespace-nowrap">
                  {text(byTapes ? t.secondMetres : s.acrossMetres)}
                </td>
                {byTapes && <td className="figures text-right whitespace-nowrap">{text(t.errorMetres)}</td>}
                <td className="text-right">
                  <input
                    type="checkbox"
                    aria-label={`${s.cone.label} stands`}
                    className="size-5 align-middle"
                  />
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <p className="mt-2">
        To bring: <span className="figures">{sheet.conesBySort.TALL ?? 0}</span> tall cones and{' '}
        <span className="figures">{sheet.conesBySort.FLAT ?? 0}</span> flat markers. Placed with the least
        walking, cones in hand from the datum: about{' '}
        <span className="figures">{text(walk.walkedMetres)}</span> and{' '}
        <span className="figures">{Math.max(1, Math.round(walk.minutes))}</span> min, an estimate.
      </p>
    </section>
  );
}

function TwoTapesText({ tapes }: { tapes: SetOut['tapes'] }) {
  const { system } = usePreferences();
  const text = (metres: number) => lengthText(metres, system);
  const at = (p: { x: number; y: number }) => (
    <span className="figures whitespace-nowrap">
      {text(p.x)} along, {text(p.y)} across
    </span>
  );
  const apart = Math.hypot(tapes.second.x - tapes.first.x, tapes.second.y - tapes.first.y);
  return (
    <>
      Chalk two marks, <b>P</b> at {at(tapes.first)} and <b>Q</b> at {at(tapes.second)} from the datum (minus:
      back from it); they lie <span className="figures">{text(apart)}</span> apart. Draw both tapes tight: the
      cone&rsquo;s mark is where they cross.
    </>
  );
}
