import type { ReactNode } from 'react';
import { Button } from '../../shared/ui';
import { NextStep } from './NextStep';
import type { Stop, Way } from './stops';

/**
 * The buttons under a form: what is new is saved and left for what comes next, by one press; what is stored is saved, with
 * the way on beside it.
 */
export function SaveAndGoOn(props: {
  /** What is saved, in a word. */
  what: string;
  stored: boolean;
  disabled: boolean;
  /** Whether it was stored just now, by the button that has to keep the focus. */
  justSaved: boolean;
  here: Stop;
  own?: Way;
  onSave: () => void;
  /** What else can be done with what is stored. */
  children?: ReactNode;
}) {
  return (
    <div className="z-10 -my-3 flex sm:sticky sm:bottom-0 flex-wrap items-center gap-3 bg-page py-3">
      {props.stored ? (
        <Button kind="primary" type="submit" autoFocus={props.justSaved} disabled={props.disabled}>
          Save {props.what}
        </Button>
      ) : (
        <>
          <Button kind="primary" type="submit" disabled={props.disabled}>
            Save and go on
          </Button>
          <Button data-save disabled={props.disabled} onClick={props.onSave}>
            Save {props.what}
          </Button>
        </>
      )}
      {props.children}
      {props.stored && <NextStep here={props.here} own={props.own} />}
    </div>
  );
}
