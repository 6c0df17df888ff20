import { useAbout } from '../http';
import { usePreferences } from '../units';

/** Files to take away: PDF on either paper, and the open formats. */
export function Downloads(props: {
  /** Path of the PDF, if there is one. */
  pdf?: string;
  /** Path of the drawing without the ending, and what is asked about it, if there is one. */
  drawing?: { path: string; query?: string } | undefined;
  files?: { label: string; path: string }[];
}) {
  const drawing = props.drawing;
  const formats = useAbout().data?.drawingFormats ?? [];
  const { system } = usePreferences();
  const on = (paper: string) =>
    `${props.pdf ?? ''}${props.pdf?.includes('?') ? '&' : '?'}paper=${paper}&system=${system}`;
  const all = [
    ...(props.pdf === undefined
      ? []
      : [
          { label: 'PDF, A4', path: on('A4') },
          { label: 'PDF, Letter', path: on('LETTER') },
        ]),
    ...(drawing === undefined
      ? []
      : formats.map(({ id, label }) => ({ label, path: `${drawing.path}.${id}${drawing.query ?? ''}` }))),
    ...(props.files ?? []),
  ];
  return (
    <p className="no-print flex flex-wrap items-center gap-x-4 gap-y-1">
      <span className="text-soft">Download:</span>
      {all.map((f) => (
        <a key={f.path} href={f.path} download className="thumb inline-flex min-h-7 items-center">
          {f.label}
        </a>
      ))}
    </p>
  );
}
