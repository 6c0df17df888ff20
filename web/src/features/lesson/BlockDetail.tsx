import { Link } from 'react-router';
import { useDayLink } from '../day';
import { restsOn, Setting, share, ActiveSizesList } from '../sizes';
import { Button, CautionNote, sideWord } from '../../shared/ui';
import { clock, findingsOf, lasting, moved, open, without } from './model';
import type { LessonEdit } from './useLessonEdit';

/** One block: who rides what, with which cue, how often; and what can be done with it. */
export function BlockDetail({ edit, index }: { edit: LessonEdit; index: number }) {
  const { lesson } = edit;
  const block = lesson.blocks[index];
  const link = useDayLink();
  if (block === undefined) return null;
  const from = clock(lesson.settings.startsAt, block.startMinute);
  const to = clock(lesson.settings.startsAt, block.startMinute + block.minutes);
  const stands = lesson.stations.find((s) => s.id === block.station)?.activeSizes ?? [];
  const easier = block.turns.some((t) => t.easier);
  return (
    <section aria-label="The chosen block" className="border-l-4 border-cone bg-panel px-4 py-3">
      <p className="figures text-soft">
        {from}–{to}
      </p>
      <h2 className="text-xl">
        {block.label}
        {block.stationName && `: ${block.stationName}`}
      </h2>
      {findingsOf(lesson.findings, index).map((f) => (
        <p key={f.message} className="my-1 border-l-4 border-brick pl-2">
          {f.message}
        </p>
      ))}
      <Actions edit={edit} index={index} />
      {stands.length > 0 && (
        <p>
          Set up at <ActiveSizesList settings={stands} />
        </p>
      )}
      {easier && <p className="mt-1 text-soft">Two steps easier than the best.</p>}
      {block.turns.length > 0 && (
        <table className="table-plain mt-2">
          <thead>
            <tr>
              <th scope="col">Rider</th>
              <th scope="col">Drill and cue</th>
              <th scope="col" className="text-right!">
                {stands.length > 0 ? 'Rides' : <span className="sr-only">Chance</span>}
              </th>
              <th scope="col" className="text-right!">
                Runs
              </th>
            </tr>
          </thead>
          <tbody>
            {block.turns.map((t) => (
              <tr key={t.riderId}>
                <td className="min-w-24 wrap-anywhere">{t.riderName}</td>
                <td>
                  <Link to={link(`/lesson/drills/${t.task.drillId}?rider=${t.riderId}`)}>
                    {t.task.drillName}
                  </Link>
                  <span className="block text-sm italic">“{t.task.cue}”</span>
                </td>
                <td className="figures text-right whitespace-nowrap">
                  {t.task.settingMetres === undefined ? (
                    ''
                  ) : (
                    <Setting metres={t.task.settingMetres} of={stands} />
                  )}
                  {t.chance && (
                    <span className="block text-sm whitespace-normal text-soft">
                      chance {share(t.chance.chance)} %{t.chance.runs === 0 && `, ${restsOn(t.chance)}`}
                    </span>
                  )}
                </td>
                <td className="text-right whitespace-nowrap">
                  <span className="figures">{t.runs}</span>
                  {t.task.weakSide && (
                    <span className="block text-sm text-soft">
                      {sideWord(t.task.weakSide)} first
                      {t.left !== t.right && `, ${t.left} left, ${t.right} right`}
                    </span>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {block.sort === 'DRILLS' && (
        <CautionNote>One machine moves in an area at a time; the others wait with engines off.</CautionNote>
      )}
    </section>
  );
}

function Actions({ edit, index }: { edit: LessonEdit; index: number }) {
  const block = edit.lesson.blocks[index];
  const wish = block?.place;
  if (block === undefined || wish === undefined) return null;
  const wishes = edit.lesson.order;
  const { fixed } = block;
  return (
    <div className="my-2 flex flex-wrap gap-2">
      <Button
        disabled={edit.busy || wish === 0}
        onClick={() => edit.setWishes(moved(wishes, wish, wish - 1))}
      >
        Earlier
      </Button>
      <Button
        disabled={edit.busy || wish === wishes.length - 1}
        onClick={() => edit.setWishes(moved(wishes, wish, wish + 1))}
      >
        Later
      </Button>
      <Button disabled={edit.busy} onClick={() => edit.setWishes(lasting(wishes, wish, block.minutes - 5))}>
        5 min less
      </Button>
      <Button disabled={edit.busy} onClick={() => edit.setWishes(lasting(wishes, wish, block.minutes + 5))}>
        5 min more
      </Button>
      <Button
        disabled={edit.busy}
        aria-pressed={fixed}
        onClick={() => edit.setWishes(fixed ? open(wishes, wish) : lasting(wishes, wish, block.minutes))}
      >
        {fixed ? 'Free its length' : 'Fix its length'}
      </Button>
      <Button
        disabled={edit.busy || wishes.length === 1}
        onClick={() => edit.setWishes(without(wishes, wish))}
      >
        Remove
      </Button>
    </div>
  );
}
