/** Does what it is given one after the other, whatever became of the one before: two presses of a button do nothing twice at a time. */
export function inTurn(): <T>(work: () => Promise<T>) => Promise<T> {
  let last: Promise<unknown> = Promise.resolve();
  return (work) => {
    const next = last.catch(() => undefined).then(work);
    last = next;
    return next;
  };
}
