/** Where an arrow, Home or End leads from one of several in a row; undefined for other keys. */
function stepped(key: string, at: number, count: number): number | undefined {
  switch (key) {
    case 'ArrowRight':
    case 'ArrowDown':
      return (at + 1) % count;
    case 'ArrowLeft':
    case 'ArrowUp':
      return (at - 1 + count) % count;
    case 'Home':
      return 0;
    case 'End':
      return count - 1;
    case ' ':
      return at;
    default:
      return undefined;
  }
}

/** What a key chooses on a check box or within a group of radios, if anything. */
function chosenBy(key: string, element: HTMLElement): HTMLElement | undefined {
  const role = element.getAttribute('role');
  if (role === 'checkbox') return key === ' ' ? element : undefined;
  const group = role === 'radio' ? element.closest('[role=radiogroup]') : null;
  const radios = [...(group?.querySelectorAll<HTMLElement>('[role=radio]') ?? [])];
  const at = stepped(key, radios.indexOf(element), radios.length);
  return at === undefined ? undefined : radios[at];
}

/**
 * Gives check boxes and groups of radios the keys that the WAI-ARIA practices give them: Space ticks, arrows choose. React
 * Native for Web knows Enter only. Returns how to end it.
 */
export function listenToChoices(): () => void {
  const onKey = (event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey || !(event.target instanceof HTMLElement)) return;
    const chosen = chosenBy(event.key, event.target);
    if (!chosen) return;
    // what lies around it has keys of its own: a card is picked up by Space
    event.preventDefault();
    event.stopPropagation();
    chosen.focus();
    chosen.click();
  };
  document.addEventListener('keydown', onKey, true);
  return () => document.removeEventListener('keydown', onKey, true);
}

/** Of a group of radios the chosen one alone is a tab stop, or the first when none is chosen. */
export const tabStop = (chosen: boolean, isFirstOfNone = false): 0 | -1 => (chosen || isFirstOfNone ? 0 : -1);
