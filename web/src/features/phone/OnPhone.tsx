import { useMutation } from '@tanstack/react-query';
import { useDeviceName, LONGEST_NAME } from '../../shared/device';
import { goOut } from '../../shared/http';
import { Button, TextField, useSay } from '../../shared/ui';
import { useOpensAlone } from '../../worker';
import { signOut, type Network } from './api';
import { Authority } from './Authority';

/** On a device of the network: what it can do out of reach, and signing out. */
export function OnPhone({ network }: { network: Network }) {
  const say = useSay();
  const opens = useOpensAlone();
  const [name, setName] = useDeviceName();
  const leave = useMutation({ mutationFn: signOut, onSuccess: goOut, onError: say.failed });
  return (
    <>
      {opens === undefined && (
        <p className="text-soft">Looking whether this device opens Wren Lane out of reach of the laptop…</p>
      )}
      {opens === true && (
        <p className="text-moss">
          This device opens Wren Lane out of reach of the laptop too. What you log is kept here until the
          laptop has it.
        </p>
      )}
      {opens === false && (
        <div className="grid gap-2">
          <p className="border-l-4 border-ochre bg-panel py-1.5 pl-3 pr-2">
            This device does not trust your school’s certificate yet. It logs as long as this page stays open,
            also out of reach of the laptop; closed there, it does not open again until the laptop is in
            reach. What was logged is kept either way.
          </p>
          <p>To have it open anywhere, let it trust your school, then load this page again:</p>
          <Authority fingerprint={network.fingerprint ?? ''} />
        </div>
      )}
      <div className="max-w-md">
        <TextField
          label="This device in the log"
          value={name}
          maxLength={LONGEST_NAME}
          onChange={(e) => setName(e.target.value)}
        />
      </div>
      <div className="grid gap-2">
        <p className="text-soft">
          Signed in for 30 days at most. Signing out forgets what was read here; runs that wait to be sent
          stay.
        </p>
        <Button className="min-h-14 w-fit" disabled={leave.isPending} onClick={() => leave.mutate()}>
          Sign this device out
        </Button>
      </div>
    </>
  );
}
