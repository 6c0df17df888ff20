import { inFigures } from '../units';
import { Popup } from './Popup';

const MEANS = {
  difficulty:
    'How hard a size is on a machine. 100 % asks for all that the machine and practised hands can do; more is harder. It means the same on every course and machine.',
  size: 'One setting of a course, from easy to hard. A rider stays at a size until it is clean to both sides, then goes smaller. Each session starts two sizes easier than the best.',
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
