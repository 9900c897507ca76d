/** One text that this browser keeps under a name in localStorage, at once; where that is full or switched off, none. */
export const kept = (name: string) => ({
  get(): string | null {
    try {
      return localStorage.getItem(name);
    } catch {
      return null;
    }
  },
  set(text: string): void {
    try {
      localStorage.setItem(name, text);
    } catch {
      // what is kept here can be done without
    }
  },
  forget(): void {
    try {
      localStorage.removeItem(name);
    } catch {
      // then there is nothing to forget
    }
  },
});
