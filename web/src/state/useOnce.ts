import { useState } from 'react';

/**
 * Keys by which the program knows a press again. The same press keeps its key until it was answered: pressed again after an
 * answer that was lost, it is not done twice.
 */
export class Keys {
  private readonly open = new Map<string, string>();

  constructor(private readonly fresh: () => string = () => crypto.randomUUID()) {}

  of(press: string): string {
    const key = this.open.get(press) ?? this.fresh();
    this.open.set(press, key);
    return key;
  }

  answered(press: string): void {
    this.open.delete(press);
  }
}

export function useKeysOnce(): Keys {
  const [keys] = useState(() => new Keys());
  return keys;
}
