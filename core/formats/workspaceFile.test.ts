import { readFileSync } from 'node:fs';
import { demoWorkspace } from '@/demo/generate';
import { replaceEverything } from '../commands/merging';
import { applyChanges, changesBetween, reversed } from '../commands/changes';
import { emptyWorkspace } from '../model/workspace';
import { instantOf } from '../time/zone';
import {
  NotAWorkspace,
  contentsOf,
  readWorkspaceFile,
  workspaceSchema,
  writeWorkspaceFile,
} from './workspaceFile';

const zone = 'Europe/London';
const office = demoWorkspace({ seed: 5, now: instantOf('2026-11-24T11:20', zone), zone });
const file = writeWorkspaceFile(office);
const changed = (change: (content: { version: number; tasks: { title: unknown }[] }) => void) => {
  const content = JSON.parse(file);
  change(content);
  return JSON.stringify(content);
};

test('a workspace comes back from its file without loss', () => {
  expect(readWorkspaceFile(file)).toEqual(office);
  expect(readWorkspaceFile(`\uFEFF${writeWorkspaceFile(emptyWorkspace)}`)).toEqual(emptyWorkspace);
});

test('what is in it is counted', () => {
  expect(contentsOf(office)).toContain('32 tasks, 4 lists, 12 events, 1 calendar');
});

test.each([
  ['{"format": "spr', 'The file is not JSON'],
  ['{"hours": 3}', 'The file is not a Sprindle workspace.'],
  [changed((content) => (content.version = 9)), 'data version 9; this one reads up to 2'],
  [
    changed((content) => {
      if (content.tasks[2]) content.tasks[2].title = '';
    }),
    'tasks.2.title',
  ],
])('a wrong file is refused with what is wrong and where', (text, message) => {
  expect(() => readWorkspaceFile(text)).toThrow(NotAWorkspace);
  expect(() => readWorkspaceFile(text)).toThrow(message);
});

test('replacing everything is one step that can be undone', () => {
  const replaced = replaceEverything.apply(office, readWorkspaceFile(writeWorkspaceFile(emptyWorkspace)));
  expect(replaced).toEqual(emptyWorkspace);
  expect(applyChanges(replaced, reversed(changesBetween(office, replaced)))).toEqual(office);
});

test('the published schema is the one that the program reads with', () => {
  expect(JSON.parse(readFileSync('docs/workspace.schema.json', 'utf8'))).toEqual(
    JSON.parse(JSON.stringify(workspaceSchema())),
  );
});
