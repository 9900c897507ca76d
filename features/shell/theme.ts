import { useEffect } from 'react';
import { kept } from '@/state/kept';
import { useStore } from '@/state/workspaceStore';

/** For public/start.js, which draws the page before the settings are read. */
const forNextStart = kept('sprindle.theme');

/** Gives the page the colours of day or night, as the settings say. */
export function useTheme(): void {
  const theme = useStore(({ opening, workspace }) => (opening ? null : workspace.settings.theme));
  useEffect(() => {
    if (theme === null) return;
    document.documentElement.classList.toggle('light', theme === 'light');
    document.documentElement.classList.toggle('dark', theme === 'dark');
    if (theme === 'system') forNextStart.forget();
    else forNextStart.set(theme);
  }, [theme]);
}
