import { useEffect } from 'react';
import { kept } from '@/state/kept';
import { useOpening, useWorkspace } from '@/state/shown';

/** For public/start.js, which draws the page before the settings are read. */
const forNextStart = kept('sprindle.theme');

/** Gives the page the colours of day or night, as the settings say. */
export function useTheme(): void {
  const { theme } = useWorkspace().settings;
  const opening = useOpening();
  useEffect(() => {
    if (opening) return;
    document.documentElement.classList.toggle('light', theme === 'light');
    document.documentElement.classList.toggle('dark', theme === 'dark');
    if (theme === 'system') forNextStart.forget();
    else forNextStart.set(theme);
  }, [theme, opening]);
}
