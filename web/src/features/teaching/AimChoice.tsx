import { useReading } from '../../shared/http';
import { Loading, Toggle, useSay } from '../../shared/ui';
import { useAim, useSaveAim, type Aim } from './api';

/** What can be aimed at, in 100 runs. */
const OFFERED = [60, 70, 75, 80, 90];

/** How often a run should be clean: the sizes to work on are proposed by it. */
export function AimChoice() {
  return <Loading of={useReading(useAim())}>{(aim) => <Choose aim={aim} />}</Loading>;
}

function Choose({ aim }: { aim: Aim }) {
  const save = useSaveAim();
  const say = useSay();
  const offered = OFFERED.includes(aim.cleanPercent) ? OFFERED : [...OFFERED, aim.cleanPercent].sort();
  return (
    <section aria-label="Aimed at">
      <h2>Aimed at</h2>
      <p className="mb-2 text-soft">
        Sizes are proposed where the chance of a clean run lies nearest to this, within the rules: so many
        clean before a smaller size, a cue before a wider one.
      </p>
      <Toggle
        label="Clean runs, %"
        value={String(aim.cleanPercent)}
        options={offered.map((percent) => ({ value: String(percent), label: String(percent) }))}
        onChoose={(percent) =>
          save.mutate({ stored: aim, cleanPercent: Number(percent) }, { onError: say.failed })
        }
      />
      <p className="mt-1 text-sm">
        Fewer teach faster and tire more. <span className="text-soft">The chance is an estimate.</span>
      </p>
    </section>
  );
}
