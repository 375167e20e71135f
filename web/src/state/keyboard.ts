const TAKES_KEYS =
  'input, textarea, select, button, a[href], summary, [contenteditable="true"], [role="button"], [role="option"], [role="radio"], [role="switch"], [role="slider"], [role="combobox"], [role="menuitem"]';

/** Whether a key is meant for the page: pressed once, by itself, on nothing that takes it, and with no dialog in front. */
export function forThePage(event: {
  repeat: boolean;
  ctrlKey: boolean;
  metaKey: boolean;
  altKey: boolean;
  target: EventTarget | null;
}): boolean {
  const on = event.target instanceof Element ? event.target.closest(TAKES_KEYS) : null;
  return !event.repeat && !event.ctrlKey && !event.metaKey && !event.altKey && on === null && !dialogOpen();
}

/** A drawer or a question that lies over the page. */
export function dialogOpen(): boolean {
  return [...document.querySelectorAll('[role="dialog"]')].some((one) => one.getClientRects().length > 0);
}
