/** So many answers are kept: of the jobs that are worked at. */
const MOST = 40;

/** A function of plain values that keeps what it answered lately: the same question is worked out once. */
export function lately<Asked extends readonly unknown[], Answer>(answer: (...asked: Asked) => Answer) {
  const known = new Map<string, Answer>();
  return (...asked: Asked): Answer => {
    const key = JSON.stringify(asked);
    const before = known.get(key);
    if (before !== undefined) return before;
    const found = answer(...asked);
    if (known.size >= MOST) known.clear();
    known.set(key, found);
    return found;
  };
}
