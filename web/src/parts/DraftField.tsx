import { Input } from 'antd';
import { useId, useState, type ReactNode } from 'react';
import { say } from '../words/say';

interface Props {
  label: string;
  value: string;
  /** Called with every change of the text; of what is written in another way, once it is left or Enter is pressed. */
  onText: (text: string) => void;
  /** Why the text as it stands was refused, if it was. */
  refused?: string | undefined;
  hideLabel?: boolean;
  suffix?: string;
  /** What stands in the field at its end, to be pressed. */
  within?: ReactNode;
  width?: number;
  inputMode?: 'text' | 'decimal' | 'numeric';
  /** Where what is kept is written in another way than it is read. */
  written?: Written;
  /** Emptied it goes back to what it was. */
  required?: boolean;
}

/** How a value is written for people, and read from what they write. */
export interface Written {
  text: (value: string) => string;
  /** @return null where it is none */
  read: (text: string) => string | null;
  /** "a day such as 23/11/2026" */
  example: () => string;
}

/**
 * A text field that keeps what was typed even while it is refused, and follows the case when it changes from elsewhere
 * (undo, a drag) while nobody types in it.
 */
export function DraftField(props: Props): ReactNode {
  const id = useId();
  const { written } = props;
  const textOf = (value: string): string => written?.text(value) ?? value;
  const [draft, setDraft] = useState(textOf(props.value));
  const [seen, setSeen] = useState(props.value);
  const [focused, setFocused] = useState(false);
  if (seen !== props.value) {
    setSeen(props.value);
    if (!focused) {
      setDraft(textOf(props.value));
    }
  }
  /** Once it is whole: half a date is another date. */
  const take = (): void => {
    const value = draft.trim() === '' ? '' : (written?.read(draft) ?? null);
    if (!written || value === null) {
      return;
    }
    const kept = value === '' && props.required ? props.value : value;
    setDraft(textOf(kept));
    if (kept !== props.value) {
      props.onText(kept);
    }
  };
  const unread = written !== undefined && draft.trim() !== '' && written.read(draft) === null;
  const noNumber = props.inputMode === 'decimal' && draft.trim() !== '' && Number.isNaN(typedNumber(draft));
  // What is shown and what is stored are told apart: good, not a number, refused.
  const why = noNumber
    ? say('shared.notANumberIsKept', { figure: props.value === '' ? say('shared.nothing') : props.value })
    : unread && !focused
      ? say('shared.writeIsKept', {
          example: written.example(),
          figure: props.value === '' ? say('shared.nothing2') : textOf(props.value),
        })
      : props.refused !== undefined && !same(draft, textOf(props.value))
        ? props.refused
        : undefined;
  const wrong = why !== undefined;
  return (
    <div className="draft">
      <label htmlFor={id} className={props.hideLabel ? 'unseen' : 'draft-label'}>
        {props.label}
      </label>
      <Input
        id={id}
        value={draft}
        inputMode={props.inputMode}
        suffix={props.suffix}
        status={wrong ? 'error' : ''}
        aria-invalid={wrong}
        aria-describedby={wrong ? `${id}-refused` : undefined}
        style={{ width: props.width }}
        onFocus={() => setFocused(true)}
        onBlur={() => {
          setFocused(false);
          take();
        }}
        onPressEnter={(event) => {
          if (written) {
            // What is written has to be taken before it is sent with the rest of a form.
            event.preventDefault();
            take();
          }
        }}
        onChange={(event) => {
          setDraft(event.target.value);
          if (!written) {
            props.onText(event.target.value);
          }
        }}
      />
      {props.within}
      {wrong && (
        <span id={`${id}-refused`} className="refused" role="alert">
          {why}
        </span>
      )}
    </div>
  );
}

/** "6" and "6.0" are the same reading; one is being typed. */
function same(draft: string, value: string): boolean {
  return draft === value || (draft.trim() !== '' && Number(draft.replace(',', '.')) === Number(value));
}

/** What a person types for a number; NaN if it is none. */
export function typedNumber(text: string): number {
  return text.trim() === '' ? Number.NaN : Number(text.trim().replace(',', '.'));
}
