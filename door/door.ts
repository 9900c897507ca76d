import { entriesOf, exported, importsIn, partsIn, setAside, takeBack, type Entries } from './storage';

/*
 * The safe door: the page that opens when the application could not start twice. It hands out everything that is stored,
 * takes imports back, and sets parts aside, without the application and without drawing what is stored.
 */

const asked = new URLSearchParams(location.search).get('space') ?? rememberedSpace();
const space = /^[\w-]{1,40}$/.test(asked) ? asked : 'own';

/** The space that this tab had open (state/session.ts). */
function rememberedSpace(): string {
  try {
    return sessionStorage.getItem('sprindle.space') ?? 'own';
  } catch {
    return 'own';
  }
}

function element<K extends keyof HTMLElementTagNameMap>(
  tag: K,
  content: string | readonly Node[] = [],
  attributes: Record<string, string> = {},
): HTMLElementTagNameMap[K] {
  const made = document.createElement(tag);
  if (typeof content === 'string') made.textContent = content;
  else made.append(...content);
  for (const [name, value] of Object.entries(attributes)) made.setAttribute(name, value);
  return made;
}

const said = element('p', '', { role: 'status' });

function button(label: string, press: () => Promise<void> | void, kind = ''): HTMLButtonElement {
  const made = element('button', label, { class: kind });
  made.addEventListener('click', async () => {
    try {
      await press();
    } catch (error) {
      said.textContent = `That did not work: ${error instanceof Error ? error.message : String(error)}`;
    }
  });
  return made;
}

function download(name: string, text: string): void {
  const url = URL.createObjectURL(new Blob([text], { type: 'application/json' }));
  element('a', '', { href: url, download: name }).click();
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}

const today = () => new Date().toISOString().slice(0, 10);
const kilobytes = (text: string) => `${Math.max(1, Math.round(text.length / 1000)).toLocaleString('en')} kB`;

/** Does something to what is stored, then shows it anew. */
const then = (words: string, act: () => Promise<void>) => async () => {
  await act();
  await show();
  said.textContent = words;
};

function copyOf(entries: Entries): Node[] {
  const name = `sprindle-${space}-${today()}.json`;
  const save = () => {
    download(name, exported(entries));
    said.textContent = `Saved as ${name}. A working Sprindle opens it under Settings.`;
  };
  return [
    element('h2', 'A copy of everything'),
    element('p', [button('Export everything', save, 'primary')]),
  ];
}

function importsOf(entries: Entries): Node[] {
  const notes = importsIn(entries);
  if (notes.length === 0) return [];
  return [
    element('h2', 'The last imports'),
    element(
      'p',
      'If it stopped after one of them, take that one back: what it brought goes, what it changed is as before.',
    ),
    element(
      'ul',
      notes.map((note) =>
        element('li', [
          element(
            'span',
            `${note.name}, ${new Date(note.at).toLocaleString()}, ${note.changes.length} records `,
          ),
          button(
            'Take it back',
            then(`${note.name} was taken back.`, () => takeBack(space, entries, note)),
          ),
        ]),
      ),
    ),
  ];
}

/** So many parts are in sight at once. */
const FEW = 12;

function partsOf(entries: Entries): Node[] {
  const parts = Object.entries(partsIn(entries)).sort(([, a], [, b]) => b.length - a.length);
  if (parts.length === 0) return [element('p', 'Nothing is stored here.')];
  return [
    element('h2', 'The parts of your data'),
    element('p', 'A part that is set aside stays stored but is not opened. Settings has it as a file.'),
    element(
      'details',
      [element('summary', `${parts.length} parts, the largest first`), element('ul', parts.map(partOf))],
      parts.length > FEW ? {} : { open: '' },
    ),
  ];

  function partOf([name, text]: [string, string]): Node {
    const put = then(`${name} was set aside.`, () => setAside(space, entries, name, Date.now()));
    return element('li', [element('span', `${name}, ${kilobytes(text)} `), button('Set aside', put)]);
  }
}

async function show(): Promise<void> {
  const door = document.getElementById('door');
  try {
    const entries = await entriesOf(space);
    door?.replaceChildren(said, ...copyOf(entries), ...importsOf(entries), ...partsOf(entries));
  } catch (error) {
    const why = error instanceof Error ? error.message : String(error);
    door?.replaceChildren(element('p', `What is stored cannot be read: ${why}`, { role: 'alert' }));
  }
}

document.getElementById('again')?.addEventListener('click', () => {
  try {
    localStorage.removeItem('sprindle.starts');
  } catch {
    // storage is switched off: nothing counts starts then
  }
  location.assign(`/?space=${space}`);
});
void show();
