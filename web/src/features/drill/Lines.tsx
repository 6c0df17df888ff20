import { useState } from 'react';
import { NotesField } from '../../shared/ui';
import { linesOf } from './model';

/** A list as lines of text; what is typed stays as typed. */
export function Lines(props: { label: string; of: string[]; onChange: (lines: string[]) => void }) {
  const [text, setText] = useState(props.of.join('\n'));
  return (
    <NotesField
      label={props.label}
      value={text}
      onChange={(typed) => {
        setText(typed);
        props.onChange(linesOf(typed));
      }}
    />
  );
}
