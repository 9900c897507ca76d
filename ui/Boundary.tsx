import { Component, type ComponentType, type ReactNode } from 'react';
import { typedIsWanted } from './typedAhead';

/** What stands in the place of something that could not be drawn. */
export type FailedProps = {
  /** What could not be drawn, as the beginning of a sentence: `Plan`. */
  readonly what: string;
  /** It is a whole place, and not something within one. */
  readonly isPlace: boolean;
  readonly error: Error;
  readonly again: () => void;
};

let Failed: ComponentType<FailedProps> = () => null;
let note: (error: Error, what: string) => void = () => undefined;

/** Says what stands in for what fails, and who notes it; done once, before anything is drawn. */
export function registerFailed(component: ComponentType<FailedProps>, noted: typeof note): void {
  Failed = component;
  note = noted;
}

type Props = { readonly what: string; readonly isPlace?: boolean; readonly children: ReactNode };

/** Keeps what fails within it from taking anything else along. React knows such a thing as a class only. */
export class Boundary extends Component<Props, { readonly error: Error | null }> {
  override state: { readonly error: Error | null } = { error: null };

  static getDerivedStateFromError(error: unknown) {
    return { error: error instanceof Error ? error : new Error(String(error)) };
  }

  override componentDidCatch(error: Error) {
    note(error, this.props.what);
    // what was opened will not stand
    typedIsWanted();
  }

  override render() {
    const { error } = this.state;
    const { what, isPlace = false, children } = this.props;
    return error ? (
      <Failed what={what} isPlace={isPlace} error={error} again={() => this.setState({ error: null })} />
    ) : (
      children
    );
  }
}
