import type { Step } from './steps';

/** A line that is shown for a while, or until it is closed if it tells a problem. */
export type Notice = {
  readonly id: number;
  readonly text: string;
  readonly tone: 'plain' | 'problem';
  /** It tells why something was refused, and goes with what that was about. */
  readonly refusal?: boolean;
  /** The step that it tells of, which it offers to undo. */
  readonly step?: Step | undefined;
  /** Something more that can be done now. */
  readonly offer?: { readonly label: string; readonly press: () => void };
};

const MOST_WAITING = 20;

export type NoticeState = {
  /** The notices that wait or are shown, the latest last. */
  readonly notices: readonly Notice[];
  /** What was said lately, and when (epoch ms), whether it is still shown or not; the latest last. */
  readonly said: readonly (Notice & { readonly at: number })[];
};

/** Whether a notice waits while another is shown: what went well and offers nothing more is old news by then. */
const waits = ({ tone, offer }: Notice): boolean => tone === 'problem' || offer !== undefined;

/** After one more notice, the latest last. The same words again take the place of those before. */
export const noticed = (notices: readonly Notice[], notice: Notice): readonly Notice[] =>
  [...notices.filter((other) => waits(other) && other.text !== notice.text), notice].slice(-MOST_WAITING);

/** Without those that would undo a step which is undone already. */
export const withoutStep = (notices: readonly Notice[], step: Step): readonly Notice[] =>
  notices.filter((notice) => notice.step !== step);

/** Says things in notices, which are kept in a state; `now` is the clock. */
export function noticing(
  set: (change: (state: NoticeState) => Partial<NoticeState>) => void,
  now: () => number,
) {
  let last = 0;
  return {
    say(text: string, tone: Notice['tone'] = 'plain', step?: Step, refusal = false): void {
      last += 1;
      const notice = { id: last, text, tone, step, refusal };
      set(({ notices, said }) => ({
        notices: noticed(notices, notice),
        said: [...said, { ...notice, at: now() }].slice(-MOST_WAITING),
      }));
    },

    /** Adds an offer to the latest notice. */
    offer(offer: NonNullable<Notice['offer']>): void {
      const offered = <N extends Notice>(notices: readonly N[]) =>
        notices.map((notice) => (notice.id === last ? { ...notice, offer } : notice));
      set(({ notices, said }) => ({ notices: offered(notices), said: offered(said) }));
    },

    /** Takes a notice away; what was said stays known. */
    hush: (id: number): void =>
      set(({ notices }) => ({ notices: notices.filter((notice) => notice.id !== id) })),

    /** Takes away what told why something was refused: it has been done otherwise, or been left. */
    hushRefusals: (): void =>
      set(({ notices }) =>
        notices.some(({ refusal }) => refusal) ? { notices: notices.filter(({ refusal }) => !refusal) } : {},
      ),

    /** Tells of the same steps by other names, once they have been done again. */
    renew(renewed: ReadonlyMap<Step, Step>): void {
      const told = <N extends Notice>(notices: readonly N[]) =>
        notices.map((notice) =>
          notice.step ? { ...notice, step: renewed.get(notice.step) ?? notice.step } : notice,
        );
      set(({ notices, said }) => ({ notices: told(notices), said: told(said) }));
    },
  };
}
