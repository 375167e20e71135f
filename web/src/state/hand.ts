const KEPT = 'mischung.hand';

/** Who works at this screen, as it was said last. */
export function keptHand(): string {
  return localStorage.getItem(KEPT) ?? '';
}

export function keepHand(hand: string): void {
  localStorage.setItem(KEPT, hand);
}
