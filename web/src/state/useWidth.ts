import { useEffect, useRef, useState, type RefObject } from 'react';

/** The width of an element in pixels, as it changes. */
export function useWidth<E extends HTMLElement>(): [RefObject<E | null>, number] {
  const element = useRef<E>(null);
  const [width, setWidth] = useState(0);
  useEffect(() => {
    const watched = element.current;
    if (!watched) {
      return undefined;
    }
    const observer = new ResizeObserver(([entry]) => setWidth(Math.floor(entry?.contentRect.width ?? 0)));
    observer.observe(watched);
    return () => observer.disconnect();
  }, []);
  return [element, width];
}
