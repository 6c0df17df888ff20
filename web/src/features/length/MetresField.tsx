import { typedLength, usePreferences } from '../../shared/units';
import { LengthField } from './LengthField';

/** A length of which only the metres are kept. */
export function MetresField(props: {
  label: string;
  metres: number;
  orZero?: boolean;
  onRead: (metres: number) => void;
}) {
  const { metres } = props;
  const { system } = usePreferences();
  return (
    <LengthField
      label={props.label}
      value={{ metres, uncertaintyMetres: 0, method: 'TAPE', text: typedLength(metres, system) }}
      {...(props.orZero && { orZero: true })}
      onRead={(l) => props.onRead(l.metres)}
    />
  );
}
