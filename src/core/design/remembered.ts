import { coatsEnough, filmReflectance, type PaintOptics, type Spectrum } from "../colour";

/**
 * Films and coats that have been worked out before: optics, grounds and films are values that never change, and a look with one layer changed
 * asks for nearly all of them again. What is asked for twice is the very same spectrum, so that all that is derived from it is known too.
 */
function remember<Value>(
  work: (optics: PaintOptics, ground: Spectrum, amount: number, most: number) => Value,
): (optics: PaintOptics, ground: Spectrum, amount: number, most?: number) => Value {
  const known = new WeakMap<PaintOptics, WeakMap<Spectrum, Map<number, Value>>>();
  return (optics, ground, amount, most = 0) => {
    const ofOptics = known.get(optics) ?? new WeakMap<Spectrum, Map<number, Value>>();
    if (!known.has(optics)) known.set(optics, ofOptics);
    const ofGround = ofOptics.get(ground) ?? new Map<number, Value>();
    if (!ofOptics.has(ground)) ofOptics.set(ground, ofGround);
    // At most 8 coats are ever asked for: both numbers go into one key.
    const key = amount * 16 + most;
    const value = ofGround.get(key) ?? work(optics, ground, amount, most);
    ofGround.set(key, value);
    return value;
  };
}

/** A film over a ground. */
export const filmOver = remember((optics, ground, film) => filmReflectance(optics, film, ground));

/** The same of thin strokes, in which no streak is seen. */
export const coatsOfLines = remember((optics, ground, filmPerCoat, maxCoats) => {
  return coatsEnough(optics, ground, { filmPerCoat, maxCoats, lines: true });
});

/** Coats of so much film each that a ground takes, at most so many. */
export const coatsOver = remember((optics, ground, filmPerCoat, maxCoats) => {
  return coatsEnough(optics, ground, { filmPerCoat, maxCoats });
});
