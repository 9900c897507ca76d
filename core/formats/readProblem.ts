import { bounds, shortened } from '../model/bounds';
import type { Component, Problem } from './contentLines';

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

/** A UID that can be kept. Throws Unreadable for one that is too long: cut, it might be that of another. */
export function boundUid(uid: string, title: string, { line }: Component, hint: string): string {
  if (uid.length <= bounds.uid) return uid;
  const most = bounds.uid.toLocaleString('en');
  throw new Unreadable(line, `The UID of “${shortened(title, 60)}” is longer than ${most} characters`, hint);
}
