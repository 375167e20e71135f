import { Input } from 'antd';
import { useId, useState, type ReactNode } from 'react';

interface Props {
  label: string;
  value: string;
  /** Called with every change of the text. */
  onText: (text: string) => void;
  /** Why the text as it stands was refused, if it was. */
  refused?: string | undefined;
  hideLabel?: boolean;
  suffix?: string;
  width?: number;
  inputMode?: 'text' | 'decimal';
  type?: 'text' | 'date' | 'time' | 'datetime-local';
}

/**
 * A text field that keeps what was typed even while it is refused, and follows the case when it changes from elsewhere
 * (undo, a drag) while nobody types in it.
 */
export function DraftField(props: Props): ReactNode {
  const id = useId();
  const [draft, setDraft] = useState(props.value);
  const [seen, setSeen] = useState(props.value);
  const [focused, setFocused] = useState(false);
  if (seen !== props.value) {
    setSeen(props.value);
    if (!focused) {
      setDraft(props.value);
    }
  }
  const noNumber = props.inputMode === 'decimal' && draft.trim() !== '' && Number.isNaN(typedNumber(draft));
  // What is shown and what is stored are told apart: good, not a number, refused.
  const why = noNumber
    ? `Not a number: ${props.value === '' ? 'nothing' : props.value} is kept.`
    : props.refused !== undefined && !same(draft, props.value)
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
        type={props.type ?? 'text'}
        inputMode={props.inputMode}
        suffix={props.suffix}
        status={wrong ? 'error' : ''}
        aria-invalid={wrong}
        aria-describedby={wrong ? `${id}-refused` : undefined}
        style={{ width: props.width }}
        onFocus={() => setFocused(true)}
        onBlur={() => setFocused(false)}
        onChange={(event) => {
          setDraft(event.target.value);
          props.onText(event.target.value);
        }}
      />
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
