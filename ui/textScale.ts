/** How large the browser's own text is, as set when the page was opened; 1 is the usual 16 pixels. */
const textScale =
  typeof document === 'undefined'
    ? 1
    : Number.parseFloat(getComputedStyle(document.documentElement).fontSize) / 16 || 1;

/** Pixels that hold text of the usual size, as text of the browser's own size asks for. */
export const forText = (pixels: number): number => pixels * textScale;

/** Whether text is so large that a line holds much less than usual. */
export const isLarge: boolean = textScale > 1.1;
