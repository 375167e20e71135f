import type { ReactNode } from 'react';

interface Option<T> {
  value: T;
  label: ReactNode;
  /** For screen readers where the label is not plain text. */
  words?: string;
  colour?: string | undefined;
}

interface Props<T> {
  label: string;
  options: Option<T>[];
  value: T;
  onChoose: (value: T) => void;
}

/** A row of large buttons of which one is pressed; arrow keys move within it. */
export function Choice<T extends string | number>({ label, options, value, onChoose }: Props<T>): ReactNode {
  const step = (by: number): void => {
    const at = options.findIndex((option) => option.value === value);
    const next = options[(at + by + options.length) % options.length];
    if (next) {
      onChoose(next.value);
    }
  };
  const none = !options.some((option) => option.value === value);
  return (
    <div
      className="choice"
      role="radiogroup"
      aria-label={label}
      onKeyDown={(event) => {
        const by = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key];
        if (by) {
          event.preventDefault();
          event.stopPropagation();
          step(by);
          const group = event.currentTarget;
          requestAnimationFrame(() => group.querySelector<HTMLElement>('[aria-checked="true"]')?.focus());
        }
      }}
    >
      {options.map((option, i) => (
        <button
          key={option.value}
          type="button"
          role="radio"
          aria-checked={option.value === value}
          aria-label={option.words}
          tabIndex={option.value === value || (none && i === 0) ? 0 : -1}
          className="choice-option"
          onClick={() => onChoose(option.value)}
        >
          {option.colour && <i style={{ background: option.colour }} aria-hidden="true" />}
          {option.label}
        </button>
      ))}
    </div>
  );
}
