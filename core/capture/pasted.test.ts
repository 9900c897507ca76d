import * as fc from 'fast-check';
import { pastedTasks } from './pasted';

const lines = (text: string) => pastedTasks(text).map(({ line }) => line);

test('each line of a text is a task, without the marks of its list; what is ticked off stays out', () => {
  const text =
    'Call the council\r\n\r\n- Order jars 20m\n* [ ] Sort samples\n- [x] Done before\n2. Print the map\n3 growers to call\n\t';
  expect(lines(text)).toEqual([
    'Call the council',
    'Order jars 20m',
    'Sort samples',
    'Print the map',
    '3 growers to call',
  ]);
  expect(lines(' \n - \n')).toEqual([]);
});

const step = (title: string, more = {}) => ({ title, done: false, estimate: null, ...more });

test('a step keeps its tick, and a length at its end is its estimate', () => {
  const [task] = pastedTasks(
    '- [ ] Survey\n  - [x] book the boat\n  - call the lab, 30m\n  - 20 min\n  - 2h of nets',
  );
  expect(task?.steps).toEqual([
    step('book the boat', { done: true }),
    step('call the lab', { estimate: 30 }),
    step('20 min'),
    step('2h of nets'),
  ]);
});

test('indented lines are steps of the one above, those of a ticked one go with it', () => {
  const text =
    '  - Volunteer day\n    - [ ] count tools\n    - [x] book the bus\n  - [x] Done\n      - step\n  Report';
  expect(pastedTasks(text)).toEqual([
    { line: 'Volunteer day', steps: [step('count tools'), step('book the bus', { done: true })], notes: '' },
    { line: 'Report', steps: [], notes: '' },
  ]);
  expect(pastedTasks('One\n\tinner\n\t\tdeeper\nTwo')[0]?.steps).toEqual([step('inner'), step('deeper')]);
});

test('a copied message is one task with who wrote it and what it says', () => {
  const text =
    'From: Ines Moreau <ines@example.org>\nSent: Tue 24 Nov\nTo: office\nSubject: Re: Fwd: Eel counts\n\nCan you send them?\n\n- by Friday';
  expect(pastedTasks(text)).toEqual([
    {
      line: 'Eel counts',
      steps: [],
      notes: 'From Ines Moreau <ines@example.org>, Tue 24 Nov\n\nCan you send them?\n\n- by Friday',
    },
  ]);
  // one such line alone is no message
  expect(lines('Subject: nothing\nand more')).toEqual(['Subject: nothing', 'and more']);
});

test('every line that says something comes once, in its order, as a task or a step', () => {
  const word = fc.stringMatching(/^[a-z]{2,8}$/);
  const line = fc.tuple(
    fc.constantFrom('', '  ', '    ', '\t'),
    fc.constantFrom('', '- ', '* ', '[ ] '),
    word,
  );
  fc.assert(
    fc.property(fc.array(line, { maxLength: 20 }), (all) => {
      const text = all.map((parts) => parts.join('')).join('\n');
      const found = pastedTasks(text).flatMap((task) => [task.line, ...task.steps.map(({ title }) => title)]);
      expect(found).toEqual(all.map(([, , name]) => name));
    }),
  );
});

test('a heading is no task, but said of the lines below it; without lines below it is one', () => {
  const text =
    '# Trip\n- pack the nets\n  - dry them\nBring:\n- waders\n- jars\nRemember: call Bea\nThu:\nring Ola\n## Last';
  expect(pastedTasks(text)).toEqual([
    { line: 'pack the nets', steps: [step('dry them')], notes: '', heading: 'Trip' },
    { line: 'waders', steps: [], notes: '', heading: 'Bring' },
    { line: 'jars', steps: [], notes: '', heading: 'Bring' },
    // no marks below a colon: it may well be a task
    { line: 'Remember: call Bea', steps: [], notes: '', heading: 'Bring' },
    { line: 'Thu:', steps: [], notes: '', heading: 'Bring' },
    { line: 'ring Ola', steps: [], notes: '', heading: 'Bring' },
    { line: 'Last', steps: [], notes: '', heading: 'Bring' },
  ]);
});
