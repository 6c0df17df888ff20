import { Fragment } from 'react';
import { Setting } from './Setting';

/** Settings in a row, each with its letter where there are several: “a 8.20 m · b 7.00 m”. */
export function ActiveSizesList({ settings }: { settings: number[] }) {
  return (
    <span>
      {settings.map((metres, i) => (
        <Fragment key={metres}>
          {i > 0 && ' · '}
          <Setting metres={metres} of={settings} />
        </Fragment>
      ))}
    </span>
  );
}
