// Values never change here, so what was worked out from one holds as long as it does. Every answer that is
// remembered is remembered by one of these three.

/** Remembers by the very value that is asked about: the answer goes when that goes. */
export function remember<Key extends object, Value>(
  work: (key: Key) => Value,
): (key: Key) => Value {
  const known = new WeakMap<Key, { readonly value: Value }>();
  return (key) => {
    const found = known.get(key) ?? { value: work(key) };
    known.set(key, found);
    return found.value;
  };
}

/** Remembers by two values: the answer goes when either goes. */
export function rememberPair<A extends object, B extends object, Value>(
  work: (a: A, b: B) => Value,
): (a: A, b: B) => Value {
  const known = remember((a: A) => remember((b: B) => work(a, b)));
  return (a, b) => known(a)(b);
}

/**
 * Remembers by words or a number made of what is asked: the last so many answers. A promise that is
 * broken is forgotten, so that whoever asks again gets another.
 *
 * @param most answers kept; the one kept longest goes first
 */
export function rememberBy<Args extends readonly unknown[], Value>(
  most: number,
  keyOf: (...args: Args) => string | number,
  work: (...args: Args) => Value,
): (...args: Args) => Value {
  const known = new Map<string | number, { readonly value: Value }>();
  return (...args) => {
    const key = keyOf(...args);
    const found = known.get(key);
    if (found) return found.value;
    const value = work(...args);
    const [oldest] = known.keys();
    if (known.size >= most && oldest !== undefined) known.delete(oldest);
    known.set(key, { value });
    if (value instanceof Promise) value.catch(() => known.delete(key));
    return value;
  };
}
