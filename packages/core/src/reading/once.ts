/**
 * What follows from two things that nobody changes, worked out once for the two and kept as long as they are: a price, a card and
 * a saw ask for the same parts of one plan over and over.
 */
export function once<One extends object, Other extends object, Result>(
  work: (one: One, other: Other) => Result,
): (one: One, other: Other) => Result {
  const known = new WeakMap<Other, WeakMap<One, { readonly result: Result }>>();
  return (one, other) => {
    const ofOther = known.get(other) ?? new WeakMap<One, { readonly result: Result }>();
    known.set(other, ofOther);
    const kept = ofOther.get(one) ?? { result: work(one, other) };
    ofOther.set(one, kept);
    return kept.result;
  };
}
