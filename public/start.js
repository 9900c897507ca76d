// Runs before anything is drawn. Tells the style sheet where the page is and whether a person wants it light or dark.
(function () {
  const page = document.documentElement;
  page.dataset.place = location.pathname === '/' ? '/today' : location.pathname;
  try {
    const theme = localStorage.getItem('sprindle.theme');
    if (theme === 'light' || theme === 'dark') page.classList.add(theme);
  } catch {
    // storage is switched off: then it is as the system has it
  }
  // the one way to have it there before the scripts of the page; browsers that lack it are few
  if (!('Temporal' in window)) document.write('<script src="/temporal.js"><\/script>');
})();

// Counts the starts that came to nothing: after two of them the safe door opens instead of the application, which takes
// its own start off the list as soon as it stands (features/shell/started.ts).
(function () {
  const NAME = 'sprindle.starts';
  /** A start that takes longer than this (ms) has failed. */
  const LONGEST = 8000;
  try {
    const now = Date.now();
    const starts = JSON.parse(localStorage.getItem(NAME) || '[]');
    const failed = starts.filter(function (at) {
      return now - at > LONGEST || at > now;
    });
    if (failed.length >= 2) {
      // no script of the page may run before the door is there
      const none = document.createElement('meta');
      none.httpEquiv = 'Content-Security-Policy';
      none.content = "script-src 'none'";
      document.head.appendChild(none);
      location.replace('/door.html' + location.search);
      return;
    }
    localStorage.setItem(NAME, JSON.stringify(starts.concat(now)));
    let broken = false;
    addEventListener('error', function () {
      broken = true;
    });
    // a page that is left while all is well has not failed
    addEventListener('pagehide', function () {
      if (broken) return;
      const left = JSON.parse(localStorage.getItem(NAME) || '[]').filter(function (at) {
        return at !== now;
      });
      localStorage.setItem(NAME, JSON.stringify(left));
    });
  } catch {
    // storage is switched off: then nothing stored can be in the way of a start
  }
})();
