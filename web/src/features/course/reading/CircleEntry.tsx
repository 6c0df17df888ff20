import { useState } from 'react';
import { asRequest, useSaveMachine, type Machine } from '../../machine';
import { LengthField, type Length } from '../../length';
import { Button, sideWord, useSay, type SideName } from '../../../shared/ui';

/** A full-lock circle as measured on the ground: straight into the machine. */
export function CircleEntry(props: { machine: Machine; side: SideName; posture: 'UPRIGHT' | 'LEANED' }) {
  const { machine, side, posture } = props;
  const kept = machine.circles.find((c) => c.side === side && c.posture === posture);
  const [diameter, setDiameter] = useState<Length | undefined>(kept?.diameter);
  const save = useSaveMachine();
  const say = useSay();
  const submit = () => {
    if (diameter === undefined) return;
    const others = machine.circles.filter((c) => c !== kept);
    save
      .mutateAsync({
        stored: machine,
        machine: { ...asRequest(machine), circles: [...others, { side, posture, diameter }] },
      })
      .then(() => say.done(`${machine.name} now turns as measured.`))
      .catch(say.failed);
  };
  return (
    <section className="grid gap-2">
      <h3>Measured on the {machine.name}</h3>
      <LengthField
        label={`Circle to the ${sideWord(side)}, ${posture === 'LEANED' ? 'leaned' : 'upright'}, outer front tyre edge to edge`}
        value={diameter}
        placeholder="not measured"
        onRead={setDiameter}
        onRefused={() => setDiameter(undefined)}
      />
      <div>
        <Button disabled={diameter === undefined || save.isPending} onClick={submit}>
          Save to machine
        </Button>
      </div>
    </section>
  );
}
