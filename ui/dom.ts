import type { NativeSyntheticEvent, TextInput, TextInputKeyPressEventData, View } from 'react-native';

/** The DOM element of a View or a field: on the web, its ref is the element itself. */
export const elementOf = (view: View | TextInput | null): HTMLElement | null =>
  view as unknown as HTMLElement | null; // web target only

/** The DOM element of a field, which can be typed into. */
export const fieldOf = (field: TextInput | null): HTMLInputElement | HTMLTextAreaElement | null =>
  field as unknown as HTMLInputElement | HTMLTextAreaElement | null; // web target only

/** The field that has the keyboard, if one has. */
export function fieldWithKeyboard(): HTMLInputElement | HTMLTextAreaElement | null {
  const { activeElement: at } = document;
  return at instanceof HTMLInputElement || at instanceof HTMLTextAreaElement ? at : null;
}

/** A key that is pressed in a field: the web hands on the event of the browser, which tells of Shift. */
export const keyPressed = ({
  nativeEvent,
}: NativeSyntheticEvent<TextInputKeyPressEventData>): KeyboardEvent =>
  nativeEvent as unknown as KeyboardEvent; // web target only

/** Properties that React Native for Web hands on to the DOM but React Native's types don't know. */
export const webProps = (props: {
  onClick?: () => void;
  onKeyDown?: (event: KeyboardEvent) => void;
  onMouseDown?: (event: { nativeEvent: MouseEvent }) => void;
  onPointerDown?: (event: { nativeEvent: PointerEvent }) => void;
  onTouchStart?: (event: { nativeEvent: TouchEvent }) => void;
  'aria-describedby'?: string;
  onMouseEnter?: () => void;
  onMouseLeave?: () => void;
  onFocus?: () => void;
  onBlur?: () => void;
  onWheel?: (event: { nativeEvent: WheelEvent }) => void;
  'aria-roledescription'?: string;
  role?: 'listbox';
  /** What `dataset` of the element has. */
  dataSet?: Readonly<Record<string, string>>;
  'aria-rowcount'?: number;
  'aria-colcount'?: number;
  'aria-rowindex'?: number;
  'aria-colindex'?: number;
  'aria-activedescendant'?: string | undefined;
  'aria-multiselectable'?: boolean;
  'aria-sort'?: 'none' | 'ascending' | 'descending';
}): object => props;
