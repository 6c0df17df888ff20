import { useState } from 'react';
import { CautionNote, Toggle } from '../../shared/ui';
import type { Network, Place } from './api';
import { Authority } from './Authority';
import { SignedIn } from './SignedIn';

/** On the machine the app runs on: where a phone finds it. */
export function OnLaptop({ network }: { network: Network }) {
  if (!network.on) return <NotOn />;
  const [first] = network.places;
  return (
    <>
      {network.moved && (
        <CautionNote>
          This machine has another address now than when Wren Lane was started. Stop it and start it again,
          and phones find it.
        </CautionNote>
      )}
      {first === undefined ? (
        <p>
          This machine is on no network now. Join the Wi-Fi of the yard, or the hotspot of a phone, and start
          Wren Lane again.
        </p>
      ) : (
        <Ways places={network.places} first={first} fingerprint={network.fingerprint ?? ''} />
      )}
      <SignedIn />
    </>
  );
}

function NotOn() {
  return (
    <div className="grid gap-3">
      <p>
        This Wren Lane answers on this machine alone. To log on a phone in the yard, stop it and start it with
      </p>
      <p className="figures">./wren run --lan</p>
      <p>
        The first time it asks for a passphrase; phones sign in with it. Here on this machine nobody is asked,
        as now.
      </p>
    </div>
  );
}

function Ways(props: { places: Place[]; first: Place; fingerprint: string }) {
  const { places, first, fingerprint } = props;
  const [chosen, setChosen] = useState(first.address);
  const place = places.find((p) => p.address === chosen) ?? first;
  return (
    <div className="grid items-start gap-6 md:grid-cols-[auto_minmax(0,1fr)]">
      <div className="grid gap-2">
        <Code place={place} />
        <p className="figures text-center text-lg">{place.address}</p>
        {places.length > 1 && (
          <Toggle
            label="Address"
            value={place.address}
            options={places.map((p) => ({ value: p.address, label: new URL(p.address).hostname }))}
            onChoose={setChosen}
          />
        )}
      </div>
      <ol className="grid list-inside list-decimal gap-3">
        <li>
          Put the phone into the same network as this machine: a Wi-Fi of the yard, or the phone’s own
          hotspot. No internet is needed.
        </li>
        <li>Point its camera at the code, or type the address.</li>
        <li>
          It warns that it does not know who vouches for this address: that is your school itself. Say that
          you want to go on. From then on it logs as long as the page stays open, also out of reach of this
          machine for a while.
        </li>
        <li>Type the passphrase. The phone stays signed in for 30 days.</li>
        <li>
          So that it opens Wren Lane out of reach too, and warns no more, let it trust your school. On the
          phone, “Keep open” at the top leads here:
          <Authority fingerprint={fingerprint} />
        </li>
      </ol>
    </div>
  );
}

/** Black on white whatever the light is: cameras read that best. */
function Code({ place }: { place: Place }) {
  return (
    <svg
      role="img"
      aria-label={`QR code of ${place.address}`}
      viewBox={`0 0 ${place.codeSize} ${place.codeSize}`}
      shapeRendering="crispEdges"
      className="w-full max-w-80 border border-rule md:w-80"
    >
      <rect width="100%" height="100%" fill="#fff" />
      <path d={place.codePath} fill="#000" />
    </svg>
  );
}
