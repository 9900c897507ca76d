import type { Problem } from './contentLines';

/** A component that has to stay out, with the line and the reason for the report. */
export class Unreadable extends Error {
  constructor(
    readonly line: number,
    readonly what: string,
    readonly hint: string,
  ) {
    super(what);
  }

  get problem(): Problem {
    return { where: this.line, what: this.what, hint: this.hint };
  }
}
