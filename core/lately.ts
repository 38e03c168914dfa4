interface Kept<Asked extends readonly unknown[]> {
  /** What of a question its answer rests on; all of it, where left out. */
  readonly keyOf?: (...asked: Asked) => unknown;
  /** So many answers are kept: of the jobs that are worked at. */
  readonly most: number;
}

/** A function of plain values that keeps what it answered lately: the same question is worked out once. */
export function lately<Asked extends readonly unknown[], Answer>(
  answer: (...asked: Asked) => Answer,
  { keyOf = (...asked) => asked, most }: Kept<Asked>,
) {
  const known = new Map<string, Answer>();
  return (...asked: Asked): Answer => {
    const key = JSON.stringify(keyOf(...asked));
    const before = known.get(key);
    if (before !== undefined) return before;
    const found = answer(...asked);
    if (known.size >= most) known.clear();
    known.set(key, found);
    return found;
  };
}
