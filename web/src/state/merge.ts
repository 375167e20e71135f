/** Values as JSON has them. */
type Json = unknown;

function isObject(value: Json): value is Record<string, Json> {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

/** Whether two documents say the same. */
export function same(one: Json, other: Json): boolean {
  if (one === other) {
    return true;
  }
  if (Array.isArray(one) && Array.isArray(other)) {
    return one.length === other.length && one.every((value, i) => same(value, other[i]));
  }
  if (isObject(one) && isObject(other)) {
    const keys = new Set([...Object.keys(one), ...Object.keys(other)]);
    return [...keys].every((key) => same(one[key], other[key]));
  }
  return false;
}

/**
 * What was changed from `from` to `to`, done on `onto` instead: later edits on top of what was taken, or mine on top of what
 * somebody else saved. Lists are followed element by element while nothing was added or taken away; otherwise the list as it
 * was changed counts whole.
 */
export function rebased<T>(from: T, to: T, onto: T): T {
  return replay(from, to, onto) as T;
}

function replay(from: Json, to: Json, onto: Json): Json {
  if (same(from, to)) {
    return onto;
  }
  if (isObject(from) && isObject(to) && isObject(onto)) {
    const keys = new Set([...Object.keys(onto), ...Object.keys(to)]);
    return Object.fromEntries([...keys].map((key) => [key, replay(from[key], to[key], onto[key])]));
  }
  if (
    Array.isArray(from) &&
    Array.isArray(to) &&
    Array.isArray(onto) &&
    from.length === to.length &&
    from.length === onto.length
  ) {
    return to.map((value, i) => replay(from[i], value, onto[i]));
  }
  return to;
}

/** Where two documents differ, as paths such as `consultation.wish`; at most so many. */
export function differences(one: Json, other: Json, most = 8): string[] {
  const found: string[] = [];
  const walk = (a: Json, b: Json, path: string): void => {
    if (found.length >= most || same(a, b)) {
      return;
    }
    if (isObject(a) && isObject(b)) {
      for (const key of new Set([...Object.keys(a), ...Object.keys(b)])) {
        walk(a[key], b[key], path === '' ? key : `${path}.${key}`);
      }
    } else if (Array.isArray(a) && Array.isArray(b) && a.length === b.length) {
      a.forEach((value, i) => walk(value, b[i], `${path}[${i}]`));
    } else {
      found.push(path);
    }
  };
  walk(one, other, '');
  return found;
}
