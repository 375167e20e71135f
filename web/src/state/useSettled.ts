import { useEffect, useState } from 'react';

/** The value once it has stood still for so long: what follows a slider need not be asked for at every step of it. */
export function useSettled<T>(value: T, milliseconds: number): T {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(value), milliseconds);
    return () => clearTimeout(timer);
  }, [value, milliseconds]);
  return settled;
}
