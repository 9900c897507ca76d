import type { ComponentType } from 'react';
import { create } from 'zustand';
import { later, useLater, type Later } from './later';
import { forgetTyped, keepTyped } from './typedAhead';

/*
 * What opens beside or over a place. This room knows no panel: each one adds the line of its properties to `Panels`
 * where it lives, and is registered when the application starts. So whoever opens a panel needs its name only.
 */

/** The properties of each panel, by its name. */
// eslint-disable-next-line @typescript-eslint/no-empty-object-type -- every panel adds a line of its own
export interface Panels {}

/** What a panel that asks a question is answered with, by its name. */
// eslint-disable-next-line @typescript-eslint/no-empty-object-type -- every panel that asks adds a line of its own
export interface Answers {}

export type PanelName = keyof Panels;
type Opening<N extends PanelName> = { readonly kind: N } & Panels[N];
export type Opened = { [N in PanelName]: Opening<N> }[PanelName];

/** A panel: what it is called and what stands in it. */
export type Panel<Properties> = {
  readonly useTitle: (properties: Properties) => string;
  readonly Content: ComponentType<Properties>;
};

const registered = new Map<string, Later<Panel<Opened>>>();
/** The panels that may stand in the details pane of a wide screen instead of lying over it. */
const inPane = new Set<string>();

type Loaders = { readonly [N in PanelName]?: () => Promise<Panel<Panels[N]>> };

/**
 * Makes panels known by what loads them; done once, before anything is drawn. Those `beside` may stand in the details
 * pane of a wide screen.
 */
export function registerPanels(panels: Loaders, beside: readonly PanelName[] = []): void {
  // what is opened under a name has the properties that its panel takes
  for (const [name, load] of Object.entries(panels))
    registered.set(name, later(load as () => Promise<Panel<Opened>>));
  for (const name of beside) inPane.add(name);
}

/** The panel that was registered under a name, in a component; until it is loaded, it holds up the nearest Suspense. */
export function usePanel({ kind }: Opened): Panel<Opened> {
  const panel = registered.get(kind);
  if (!panel) throw new Error(`No panel is registered as “${kind}”.`);
  return useLater(panel);
}

type Question = { readonly panel: Opened; readonly settle: (answer: unknown) => void };

type State = {
  /** What the person has opened. */
  readonly shown: Opened | null;
  /** How often something was opened where nothing was open: it begins anew each time, however fast one follows the other. */
  readonly times: number;
  /** Questions, which lie above it and wait for each other. */
  readonly questions: readonly Question[];
  /** A details pane is in sight, so that what may stand in it does not lie over the screen. */
  readonly hasPane: boolean;
};

export const usePanels = create<State>(() => ({
  shown: null,
  times: 0,
  questions: [],
  hasPane: false,
}));

/** The panel on top of all others. */
export const topPanel = ({ shown, questions }: State): Opened | null => questions[0]?.panel ?? shown;

/** Opens a panel in the place of what is open; below a question that waits for its answer. */
export function openPanel(shown: Opened): void {
  keepTyped();
  usePanels.setState((before) => ({ shown, times: before.times + (before.shown ? 0 : 1) }));
}

/** Asks a question, after those that wait already. Resolves to the answer, or to undefined when the panel is closed. */
export const ask = <N extends keyof Answers & PanelName>(
  panel: Opening<N>,
): Promise<Answers[N] | undefined> =>
  new Promise((resolve) => {
    keepTyped();
    // answered by answerPanel, for a panel of this name
    const question = { panel, settle: resolve } as unknown as Question;
    usePanels.setState(({ questions }) => ({ questions: [...questions, question] }));
  });

/** Answers the question that is on top. */
export function answerPanel<N extends keyof Answers>(_: N, answer: Answers[N] | undefined): void {
  const [first, ...questions] = usePanels.getState().questions;
  usePanels.setState({ questions });
  first?.settle(answer);
}

/** Closes the panel on top; a question that is closed has no answer. */
export function closePanel(): void {
  forgetTyped();
  const [first, ...questions] = usePanels.getState().questions;
  usePanels.setState(first ? { questions } : { shown: null });
  first?.settle(undefined);
}

/** Closes what is open if it is this panel; questions stay. */
export const leavePanel = (kind: PanelName) =>
  usePanels.setState(({ shown }) => (shown?.kind === kind ? { shown: null } : {}));

/** Whether something lies over the screen, so that its keys belong to that; the details beside it do not. */
export function isCovered(): boolean {
  const state = usePanels.getState();
  const top = topPanel(state);
  return top !== null && !(state.hasPane && belongsInPane(top));
}

/** Whether a panel stands in the details pane, where there is one. */
export const belongsInPane = (panel: Opened | null): boolean => panel !== null && inPane.has(panel.kind);
