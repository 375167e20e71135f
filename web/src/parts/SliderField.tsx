import { Slider } from 'antd';
import type { ReactNode } from 'react';

interface Props {
  label: string;
  /** The value in words, beside the label. */
  words: string;
  min: number;
  max: number;
  step: number;
  value: number;
  onChange: (value: number) => void;
}

/** A slider with its label and its value in words above it. */
export function SliderField({ label, words, min, max, step, value, onChange }: Props): ReactNode {
  return (
    <div className="slider-field">
      <span>
        {label} <strong>{words}</strong>
      </span>
      <Slider
        ariaLabelForHandle={label}
        ariaValueTextFormatterForHandle={() => words}
        tooltip={{ open: false }}
        min={min}
        max={max}
        step={step}
        value={value}
        onChange={onChange}
      />
    </div>
  );
}
