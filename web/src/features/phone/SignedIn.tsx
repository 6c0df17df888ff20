import { useReading } from '../../shared/http';
import { Button, Loading, useSay } from '../../shared/ui';
import { clockTime, dateText } from '../../shared/units';
import { useDevices, useSignDeviceOut, type SignedInDevice } from './api';

/** Devices that are signed in; one that was lost is signed out here. */
export function SignedIn() {
  const devices = useReading(useDevices());
  return (
    <section aria-label="Devices signed in">
      <h2>Devices signed in</h2>
      <Loading of={devices}>
        {(all) =>
          all.length === 0 ? (
            <p className="text-soft">No device is signed in.</p>
          ) : (
            <ul className="mt-1 max-w-2xl divide-y divide-rule border-y border-rule">
              {all.map((device) => (
                <Row key={device.id} device={device} />
              ))}
            </ul>
          )
        }
      </Loading>
    </section>
  );
}

function Row({ device }: { device: SignedInDevice }) {
  const out = useSignDeviceOut();
  const say = useSay();
  const name = `${device.sort} at ${device.address}`;
  return (
    <li className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1 py-1.5">
      <span>
        <b>{device.sort}</b> at <span className="figures">{device.address}</span>
        <span className="text-soft">
          , since {dateText(device.signedInAt.slice(0, 10))}, {clockTime(device.signedInAt)}
        </span>
      </span>
      <Button
        aria-label={`Sign out: ${name}`}
        disabled={out.isPending}
        onClick={() =>
          out.mutate(device.id, { onSuccess: () => say.done(`${name} is signed out.`), onError: say.failed })
        }
      >
        Sign out
      </Button>
    </li>
  );
}
