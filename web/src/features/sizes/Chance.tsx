import type { Api } from '../../shared/http';

export type ChanceOf = Api<'ChanceJson'>;

/** A share in words, to five in a hundred: finer it is not known, and nothing is certain. */
export function share(chance: number): string {
  const fives = Math.round(chance * 20) * 5;
  if (fives > 95) return '>95';
  return fives < 5 ? '<5' : `${fives}`;
}

/** What a chance rests on where the rider has no run of the kind. */
export function restsOn(of: { runsElsewhere: number } | undefined): string {
  return of !== undefined && of.runsElsewhere > 0 ? 'by other courses' : 'by level';
}

/** The chance of a clean run with its band, an estimate; without runs it says what it rests on. */
export function Chance({ of }: { of: ChanceOf }) {
  return (
    <span className="whitespace-nowrap">
      chance <b className="figures">{share(of.chance)}</b> %{' '}
      <span className="text-soft">
        (<span className="figures">{share(of.low)}</span> to <span className="figures">{share(of.high)}</span>{' '}
        %{of.runs === 0 ? `, ${restsOn(of)}` : ''})
      </span>
    </span>
  );
}
