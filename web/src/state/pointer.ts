/** Whether a mouse is at hand: a field that takes letters would bring up the keyboard of a tablet. */
export function finePointer(): boolean {
  return window.matchMedia('(pointer: fine)').matches;
}
