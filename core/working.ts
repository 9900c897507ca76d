/** Something that is worked out bit by bit: it tells which share (0 to 1) is done, and has an answer in the end. */
export type Working<A> = Generator<number, A>;

/** The answer, worked out at once. */
export function atOnce<A>(working: Working<A>): A {
  for (;;) {
    const step = working.next();
    if (step.done) return step.value;
  }
}
