import type { Step } from './steps';

/** A line that is shown for a while, or until it is closed if it tells a problem. */
export type Notice = {
  readonly id: number;
  readonly text: string;
  readonly tone: 'plain' | 'problem';
  /** The step that it tells of, which it offers to undo. */
  readonly step?: Step | undefined;
  /** Something more that can be done now. */
  readonly offer?: { readonly label: string; readonly press: () => void };
};

const MOST_WAITING = 20;

/** Whether a notice waits while another is shown: what went well and offers nothing more is old news by then. */
const waits = ({ tone, offer }: Notice): boolean => tone === 'problem' || offer !== undefined;

/** After one more notice, the latest last. The same words again take the place of those before. */
export const noticed = (notices: readonly Notice[], notice: Notice): readonly Notice[] =>
  [...notices.filter((other) => waits(other) && other.text !== notice.text), notice].slice(-MOST_WAITING);

/** Without the notice of an id. */
export const withoutNotice = (notices: readonly Notice[], id: number): readonly Notice[] =>
  notices.filter((notice) => notice.id !== id);

/** Without those that would undo a step which is undone already. */
export const withoutStep = (notices: readonly Notice[], step: Step): readonly Notice[] =>
  notices.filter((notice) => notice.step !== step);
