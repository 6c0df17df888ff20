import { conesText } from '../../shared/ui';
import { lengthText, smallText, usePreferences } from '../../shared/units';
import type { Setup } from './api';
import { figuresOf, orderOf, roundingOf, type Figures, type Method } from './model';
import type { HeldTicks } from './useTicks';

/** The figures of every cone, by the method and in the order chosen, with boxes to tick. */
export function Tape(props: {
  setup: Setup;
  method: Method;
  order: 'LISTED' | 'WALKED';
  /** What else a cone is where it stands, by its label. */
  also: Map<string, string>;
  ticks: HeldTicks;
}) {
  const { setup, method, ticks } = props;
  const { system } = usePreferences();
  const figures = figuresOf(setup, method, system);
  const text = (metres: number) => lengthText(metres, system);
  const { sheet, walk } = setup;
  return (
    <section>
      <p className="mb-2">
        <How setup={setup} method={method} /> Cones of a line stand outside their mark, their base touching
        it. Rounding puts none off by more than{' '}
        <span className="figures whitespace-nowrap">{smallText(roundingOf(setup, method), system)}</span>.
      </p>
      <table className="table-plain">
        <caption className="sr-only">Tape figures</caption>
        <thead>
          <tr>
            <th>Cone</th>
            <th>What</th>
            <th className="text-right!">{headOf(figures, 'first', method)}</th>
            <th className="text-right!">{headOf(figures, 'second', method)}</th>
            <th className="text-right!">± about</th>
            <th className="text-right!">Done</th>
          </tr>
        </thead>
        <tbody>
          {orderOf(setup, props.order).flatMap((i) => {
            const f = figures[i];
            return f
              ? [
                  <Row
                    key={f.label}
                    figures={f}
                    method={method}
                    also={props.also.get(f.label)}
                    ticks={ticks}
                  />,
                ]
              : [];
          })}
        </tbody>
      </table>
      {method === 'RINGS' && <Closing setup={setup} />}
      <p className="mt-2">
        To bring: <span className="figures">{conesText(sheet.markers)}</span>. Placed with the least walking,
        cones in hand from the datum: about <span className="figures">{text(walk.walkedMetres)}</span> and{' '}
        <span className="figures">{Math.max(1, Math.round(walk.minutes))}</span> min, an estimate.
      </p>
    </section>
  );
}

/** One head for the column where every cone has the same; on rings each row names its own. */
function headOf(figures: Figures[], which: 'first' | 'second', method: Method) {
  if (method === 'RINGS') return which === 'first' ? 'First' : 'Second';
  return figures[0]?.[which].name ?? '';
}

function Row(props: { figures: Figures; method: Method; also: string | undefined; ticks: HeldTicks }) {
  const { figures: f, method, ticks } = props;
  const { system } = usePreferences();
  const cell = (which: 'first' | 'second') => (
    <td className="figures text-right whitespace-nowrap">
      {method === 'RINGS' && <span className="font-sans text-sm text-soft">{f[which].name} </span>}
      {f[which].text}
    </td>
  );
  return (
    <tr>
      <td className="font-semibold">{f.label}</td>
      <td>
        {f.what}
        {f.role !== '' && <span className="text-soft">, {f.role}</span>}
        {f.warning !== undefined && <span className="text-brick">, {f.warning}</span>}
        {props.also !== undefined && <span className="block text-sm font-semibold">also {props.also}</span>}
      </td>
      {cell('first')}
      {cell('second')}
      <td className="figures text-right whitespace-nowrap">{lengthText(f.errorMetres, system)}</td>
      <td className="text-right">
        <label className="thumb -my-1 inline-flex items-center pl-5">
          <input
            type="checkbox"
            aria-label={`${f.label} stands`}
            checked={ticks.ticked.includes(f.label)}
            onChange={(e) => ticks.tick(f.label, e.target.checked)}
          />
        </label>
      </td>
    </tr>
  );
}

/** How the method is done, in a sentence or two. */
function How({ setup, method }: { setup: Setup; method: Method }) {
  const { system } = usePreferences();
  const text = (metres: number) => lengthText(metres, system);
  const at = (p: { x: number; y: number }) => (
    <span className="figures whitespace-nowrap">
      {text(p.x)} along, {text(p.y)} across
    </span>
  );
  const { tapes, sheet } = setup;
  switch (method) {
    case 'TWO_TAPES':
      return (
        <>
          Chalk two marks, <b>P</b> at {at(tapes.first)} and <b>Q</b> at {at(tapes.second)} from the datum
          (minus: back from it); they lie <span className="figures">{text(tapes.apartMetres)}</span> apart.
          Draw both tapes tight: the cone&rsquo;s mark is where they cross.
        </>
      );
    case 'RINGS':
      return (
        <>
          {setup.rings?.rings.map((ring, i) => (
            <span key={i}>
              Chalk <b>centre {i + 1}</b> at {at(ring.centre)}, and put {ring.first.cone.label} down along and
              across; every other cone is where the radius meets the chord from the one before, going{' '}
              {ring.steps[0]?.leftward ? 'to the right round' : 'to the left round'}.{' '}
            </span>
          ))}
        </>
      );
    case 'BAYS':
      return (
        <>
          Start on a dividing line at the datum and count bays of{' '}
          <span className="figures">{text(setup.bays?.unitMetres ?? 0)}</span> along {sheet.baseline.name};
          the rest and <b>across</b> by tape.
        </>
      );
    case 'PACES':
      return (
        <>
          Paces of <span className="figures">{text(setup.paces?.unitMetres ?? 0)}</span> along{' '}
          {sheet.baseline.name}, then square to it.
        </>
      );
    case 'ALONG_AND_ACROSS':
      return (
        <>
          Lay the tape along {sheet.baseline.name}. <b>Along</b> runs on that tape, <b>across</b> goes square
          to it{sheet.steps.some((s) => s.alongMetres < 0 || s.acrossMetres < 0) && ' (minus: back from it)'}.
        </>
      );
  }
}

/** What has to come out at the end of each ring. */
function Closing({ setup }: { setup: Setup }) {
  const { system } = usePreferences();
  return (
    <p className="mt-2">
      {setup.rings?.rings.map((ring, i) => (
        <span key={i}>
          Ring {i + 1} closes with{' '}
          <span className="figures">{lengthText(ring.closingChordMetres, system)}</span> from{' '}
          {ring.steps.at(-1)?.label} to {ring.first.cone.label}; by tape alone it may be out by ±{' '}
          <span className="figures">{lengthText(ring.closingErrorMetres, system)}</span>.{' '}
        </span>
      ))}
    </p>
  );
}
