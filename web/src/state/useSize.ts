import { useLayoutEffect, useRef, useState, type RefObject } from 'react';

/** The size of an element in whole pixels, known before it is first painted, and as it changes. */
export function useSize<E extends HTMLElement>(): [RefObject<E | null>, { width: number; height: number }] {
  const element = useRef<E>(null);
  const [size, setSize] = useState({ width: 0, height: 0 });
  useLayoutEffect(() => {
    const watched = element.current;
    if (!watched) {
      return undefined;
    }
    const measure = (): void => {
      const { clientWidth: width, clientHeight: height } = watched;
      setSize((was) => (was.width === width && was.height === height ? was : { width, height }));
    };
    measure();
    const observer = new ResizeObserver(measure);
    observer.observe(watched);
    return () => observer.disconnect();
  }, []);
  return [element, size];
}
