import { flushSync } from 'react-dom';
import { create } from 'zustand';

/** Whether the page is being put on paper, where nothing scrolls. */
export const usePrinting = create(() => false);

const scrolls = (element: Element): boolean => /auto|scroll/.test(getComputedStyle(element).overflowY);

/** Unfolds what scrolls for as long as the page is being printed (ui/tokens.ts, `print`); returns what stops it. */
export function unfoldOnPaper(): () => void {
  const begin = () => {
    flushSync(() => usePrinting.setState(true, true));
    for (const element of document.querySelectorAll('#root *'))
      if (scrolls(element)) element.setAttribute('data-unfolded', '');
  };
  const end = () => {
    usePrinting.setState(false, true);
    for (const element of document.querySelectorAll('[data-unfolded]'))
      element.removeAttribute('data-unfolded');
  };
  window.addEventListener('beforeprint', begin);
  window.addEventListener('afterprint', end);
  return () => {
    window.removeEventListener('beforeprint', begin);
    window.removeEventListener('afterprint', end);
  };
}
