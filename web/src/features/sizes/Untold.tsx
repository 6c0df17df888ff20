import { Button } from '../../shared/ui';
import type { ActiveSizes } from './useActiveSizes';

/** Says where the server does not know yet what stands, with a way to tell it. */
export function Untold({ stands }: { stands: ActiveSizes }) {
  if (!stands.untold) return null;
  return (
    <p className="mt-1 text-ochre">
      Only this device knows the sizes on the ground: the server was out of reach.{' '}
      <Button kind="quiet" onClick={() => stands.stand(stands.settings)}>
        Tell it
      </Button>
    </p>
  );
}
