import { useState } from 'react';
import { useRiderOptions } from '../rider';
import { Button, Select, TextField, Toggle } from '../../shared/ui';
import { useTemplates, type Settings } from './api';
import type { LessonEdit } from './useLessonEdit';

const WEATHER: { value: Settings['weather']; label: string }[] = [
  { value: 'DRY', label: 'Dry' },
  { value: 'DAMP', label: 'Damp' },
  { value: 'HOT', label: 'Hot' },
];

/** What the lesson is planned from. */
export function SettingsBar({ edit }: { edit: LessonEdit }) {
  const { settings } = edit.lesson;
  const templates = useTemplates(edit.lesson.dayId).data ?? [];
  const schools = useRiderOptions().data?.schools ?? [];
  return (
    <div className="no-print flex flex-wrap items-end gap-x-4 gap-y-2">
      <Settled
        key={settings.startsAt}
        label="Starts"
        type="text"
        value={settings.startsAt}
        onSettled={(startsAt) => edit.change({ startsAt: startsAt.padStart(5, '0') })}
        pattern={/^([01]?\d|2[0-3]):[0-5]\d$/}
      />
      <Settled
        key={`m${settings.minutes}`}
        label="Length, min"
        type="number"
        value={String(settings.minutes)}
        onSettled={(text) => edit.change({ minutes: Math.max(20, Math.min(480, Math.round(Number(text)))) })}
      />
      <Few
        label="Riding areas"
        value={settings.areas}
        from={1}
        onChoose={(areas) => edit.change({ areas })}
      />
      <Few
        label="Helpers"
        value={settings.helpers}
        from={0}
        onChoose={(helpers) => edit.change({ helpers })}
      />
      <Toggle
        label="Weather"
        value={settings.weather}
        options={WEATHER}
        onChoose={(weather) => edit.change({ weather })}
      />
      <div className="w-64 max-w-full">
        <Select
          label="Riding method"
          value={settings.school ?? ''}
          options={[
            { value: '', label: 'each their own' },
            ...schools.map((s) => ({ value: s.school, label: s.label })),
          ]}
          onChoose={(school) => edit.change({ school: school === '' ? undefined : school })}
        />
      </div>
      <div className="w-64 max-w-full">
        <Select
          label="Begin from"
          value=""
          options={[
            { value: '', label: 'a kind of lesson…' },
            ...templates.map((t) => ({ value: t.template, label: `${t.label}, ${t.minutes} min` })),
          ]}
          onChoose={(chosen) => {
            const template = templates.find((t) => t.template === chosen);
            if (template) edit.change({ minutes: template.minutes, wishes: template.wishes });
          }}
        />
      </div>
      <div className="flex gap-2">
        <Button disabled={!edit.undo || edit.busy} onClick={edit.undo}>
          Undo
        </Button>
        <Button disabled={!edit.redo || edit.busy} onClick={edit.redo}>
          Redo
        </Button>
        {settings.wishes.length > 0 && (
          <Button disabled={edit.busy} onClick={() => edit.setWishes([])}>
            Let the app choose
          </Button>
        )}
      </div>
    </div>
  );
}

/** Read once it is left, or Enter is pressed: not at every digit. */
function Settled(props: {
  label: string;
  type: 'text' | 'number';
  pattern?: RegExp;
  value: string;
  onSettled: (text: string) => void;
}) {
  const [text, setText] = useState(props.value);
  const settle = () => {
    const right = text !== '' && (props.pattern?.test(text) ?? true);
    if (text !== props.value && right) props.onSettled(text);
    else setText(props.value);
  };
  return (
    <div className="w-24">
      <TextField
        label={props.label}
        type={props.type}
        value={text}
        onChange={(e) => setText(e.target.value)}
        onBlur={settle}
        onKeyDown={(e) => e.key === 'Enter' && settle()}
        {...(props.type === 'number' && { min: 20, max: 480, step: 5 })}
      />
    </div>
  );
}

function Few(props: { label: string; value: number; from: number; onChoose: (value: number) => void }) {
  const options = Array.from({ length: 4 }, (_, i) => String(props.from + i));
  const value = String(props.value);
  return (
    <div className="w-24">
      <Select
        label={props.label}
        value={value}
        options={[...new Set([...options, value])].map((v) => ({ value: v, label: v }))}
        onChoose={(v) => props.onChoose(Number(v))}
      />
    </div>
  );
}
