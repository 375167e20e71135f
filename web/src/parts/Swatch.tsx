import type { CSSProperties, ReactNode } from 'react';
import type { LookView } from '../api/client';
import { useLight } from '../state/light';

/** A patch of hair colour with its words beside or on it: colour is never the only sign. */
export function Swatch({ look, children }: { look: LookView; children?: ReactNode }): ReactNode {
  const { light } = useLight();
  const style: CSSProperties = { background: look.colours[light] };
  return (
    <span className="swatch">
      <span className="swatch-patch" style={style} aria-hidden="true" />
      {children}
    </span>
  );
}
