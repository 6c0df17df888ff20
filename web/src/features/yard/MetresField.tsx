import { LengthField } from '../length';
import { lengthOf } from './model';

/** A length of which only the metres are kept. */
export function MetresField(props: {
  label: string;
  metres: number;
  orZero?: boolean;
  onRead: (metres: number) => void;
}) {
  return (
    <LengthField
      label={props.label}
      value={lengthOf(props.metres)}
      {...(props.orZero && { orZero: true })}
      onRead={(l) => props.onRead(l.metres)}
    />
  );
}
