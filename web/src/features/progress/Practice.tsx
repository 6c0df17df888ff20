import { Link } from 'react-router';
import { useDayLink } from '../day';
import { sideWord } from '../../shared/ui';
import type { RiderDebrief } from './api';

type Homework = RiderDebrief['homework'][number];

/** Short practices alone, to be handed out. */
export function Practice({ rider }: { rider: RiderDebrief }) {
  if (rider.homework.length === 0) return null;
  return (
    <details className="no-print mt-2">
      <summary className="cursor-pointer text-steel">
        To practise alone: {rider.homework.map((h) => h.minutes).join(' or ')} minutes
      </summary>
      <div className="mt-2 grid gap-4 sm:grid-cols-2">
        {rider.homework.map((h) => (
          <Card key={h.minutes} of={h} />
        ))}
      </div>
    </details>
  );
}

function Card({ of }: { of: Homework }) {
  const link = useDayLink();
  return (
    <div className="border border-rule px-3 py-2">
      <p>
        <b>{of.minutes} minutes</b>
        {of.begin && `, ${sideWord(of.begin)} side first, as many to each`}. “{of.cue}”
      </p>
      <ol className="mt-1">
        {of.parts.map((part, i) => (
          <li key={i} className="border-t border-rule py-1">
            <span className="figures">{part.minutes}</span> min{' '}
            {part.drillId === undefined ? (
              part.what
            ) : (
              <Link to={link(`/lesson/drills/${part.drillId}`)}>{part.what}</Link>
            )}
            <span className="block text-sm text-soft">{part.how.join(' ')}</span>
          </li>
        ))}
      </ol>
      {of.cautions.map((caution) => (
        <p key={caution} className="mt-1 border-l-4 border-ochre pl-2 text-sm">
          {caution}
        </p>
      ))}
      <p className="mt-1 text-sm">Stop at once at: {of.stopSigns.join(', ')}.</p>
    </div>
  );
}
