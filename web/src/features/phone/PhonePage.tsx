import { useReading, overNetwork } from '../../shared/http';
import { Loading } from '../../shared/ui';
import { useNetwork } from './api';
import { OnLaptop } from './OnLaptop';
import { OnPhone } from './OnPhone';

/** How a phone or tablet gets to the app; on one that has, what it can do and how it signs out. */
export default function PhonePage() {
  const network = useReading(useNetwork());
  return (
    <div className="grid max-w-5xl gap-5 px-6 py-4">
      <h1>Phones and tablets</h1>
      <Loading of={network}>
        {(n) => (overNetwork() ? <OnPhone network={n} /> : <OnLaptop network={n} />)}
      </Loading>
    </div>
  );
}
