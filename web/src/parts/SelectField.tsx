import { Select } from 'antd';
import type { ReactNode } from 'react';

interface Props<T> {
  label: string;
  value: T;
  options: { value: T; words: string }[];
  onChange: (value: T) => void;
}

/** A list to choose from, with its label above it. */
export function SelectField<T extends string>({ label, value, options, onChange }: Props<T>): ReactNode {
  return (
    <div className="select-field">
      <span>{label}</span>
      <Select<T>
        aria-label={label}
        virtual={false}
        listHeight={420}
        value={value}
        onChange={onChange}
        options={options.map(({ value: option, words }) => ({ value: option, label: words }))}
      />
    </div>
  );
}
