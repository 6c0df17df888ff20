import { inFigures } from '../units';
import { Popup } from './Popup';

const MEANS = {
  difficulty:
    'How hard a size is on a machine. 100 % asks for all that the machine and practised hands can do; more is harder. It means the same on every course and machine.',
  rung: 'One setting on the way from easy to tight. A rider stays on a rung until it is clean to both sides, then goes to the next; each session begins two rungs easier than the best.',
} as const;

/** A word of the trade that says what it means when it is tapped. */
export function Term(props: { word: keyof typeof MEANS; children: string }) {
  return (
    <Popup
      button={{
        className: 'cursor-help font-[inherit] underline decoration-dotted underline-offset-3',
        children: props.children,
      }}
      label={props.children}
      className="max-w-72 p-3 text-sm"
    >
      {inFigures(MEANS[props.word])}
    </Popup>
  );
}
