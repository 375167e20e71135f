import type { ReactNode } from 'react';
import { DraftField, typedNumber } from './DraftField';

interface Props {
  label: string;
  suffix: string;
  value: number;
  onValue: (value: number) => void;
  hideLabel?: boolean;
}

/** A field for a figure; what is no number changes nothing. */
export function FigureField({ label, suffix, value, onValue, hideLabel = false }: Props): ReactNode {
  return (
    <DraftField
      label={label}
      hideLabel={hideLabel}
      suffix={suffix}
      width={96}
      inputMode="decimal"
      value={String(value)}
      onText={(text) => {
        const typed = typedNumber(text);
        if (!Number.isNaN(typed)) {
          onValue(typed);
        }
      }}
    />
  );
}
