import { useState } from 'react';
import { useReading } from '../../shared/http';
import { Button, Loading } from '../../shared/ui';
import { lengthText, difficultyText, usePreferences } from '../../shared/units';
import { restsOn, share } from '../sizes';
import { useGoal, type Goal, type GoalOf, type Off } from './api';
import { GoalForm } from './GoalForm';
import { Lessons } from './Lessons';

/** What a rider wants to be able to ride, and how far off it is. */
export function GoalPanel({ riderId }: { riderId: number }) {
  const goal = useReading(useGoal(riderId));
  const [editing, setEditing] = useState(false);
  return (
    <section aria-label="Goal">
      <h2>Goal</h2>
      <Loading of={goal}>
        {(of) =>
          editing ? (
            <GoalForm riderId={riderId} stored={of} onDone={() => setEditing(false)} />
          ) : (
            <Shown of={of} onEdit={() => setEditing(true)} />
          )
        }
      </Loading>
    </section>
  );
}

function Shown({ of, onEdit }: { of: GoalOf; onEdit: () => void }) {
  return (
    <>
      {of.goal && of.off ? (
        <Way goal={of.goal} off={of.off} />
      ) : (
        <p className="text-soft">None yet: the width of a street at home, say.</p>
      )}
      <Button className="mt-1.5" onClick={onEdit}>
        {of.goal ? 'Change the goal' : 'Set a goal'}
      </Button>
    </>
  );
}

function Way({ goal, off }: { goal: Goal; off: Off }) {
  const { system } = usePreferences();
  return (
    <>
      <p className="font-semibold wrap-anywhere">{goal.name}</p>
      <p className="text-soft">
        {off.kindLabel}, <span className="figures">{lengthText(goal.setting.metres, system)}</span>,{' '}
        {off.machineName}
        {off.difficulty !== undefined && (
          <>
            , difficulty <span className="figures">{difficultyText(off.difficulty)}</span>
          </>
        )}
      </p>
      {off.gap === undefined ? (
        <p>This machine cannot be judged on it: difficulty is not known there.</p>
      ) : (
        <p>
          <b>{off.sentence}</b> Chance about <span className="figures">{share(off.gap.chance)}</span> % now
          {off.runs === 0 && `, ${restsOn(off)}`}. {off.pace}
        </p>
      )}
      {off.programme && goal.by !== undefined && <Lessons by={goal.by} of={off.programme} />}
    </>
  );
}
