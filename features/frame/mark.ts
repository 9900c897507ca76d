import { create } from 'zustand';

/** Hours of some columns of the week that are being painted, or that a zone would have if it were let go now. */
export type Mark = {
  readonly columns: readonly number[];
  /** Minutes after midnight, and how many. */
  readonly from: number;
  readonly minutes: number;
};

type State = { readonly mark: Mark | null; readonly name: string };

/** What is marked; only what draws the mark listens, so that the week stands still while the pointer moves. */
export const useMark = create<State>(() => ({ mark: null, name: '' }));

export const show = (mark: Mark | null, name = '') => {
  const before = useMark.getState();
  if (JSON.stringify([before.mark, before.name]) !== JSON.stringify([mark, name]))
    useMark.setState({ mark, name });
};

/** The kind that is painted with; none while zones are moved and changed. */
export const useBrushKey = create<{ readonly key: string | null }>(() => ({ key: null }));
