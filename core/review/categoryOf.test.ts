import { addCategoryRule, deleteCategoryRule } from '../commands/categoryRules';
import { deleteCategory, mergeCategories } from '../commands/categories';
import { at, date, meeting, task, zone } from '../fixtures/make';
import type { CategoryRule } from '../model/categoryRule';
import type { Attendee } from '../model/event';
import { workspaceOf, type Workspace } from '../model/workspace';
import { dayOf } from '../time/zone';
import { heldByRule, ruleGrounds } from './categoryOf';
import { ledger } from './ledger';

const ines: Attendee = { name: 'Ines Ward', address: 'Ines@trust.example', answer: 'yes', line: '' };
const office = workspaceOf({
  categories: ['Writing', 'People', 'Calls'].map((name, rank) => ({ id: name, name, hue: 'reed', rank })),
  tasks: [task('Report', { category: 'Writing' }), task('Post')],
  events: [
    meeting('Crew call', '2026-11-23T09:00:00', 30, { rule: 'FREQ=DAILY;COUNT=5', attendees: [ines] }),
    meeting('Landowner', '11:00', 60, { attendees: [ines] }),
    meeting('Review', '13:00', 60, { categories: ['Writing'] }),
  ],
  entries: [
    { id: '1', subject: { kind: 'other', title: 'post ' }, from: at('14:00'), to: at('14:20') },
    { id: '2', subject: { kind: 'task', taskId: 'Post' }, from: at('15:00'), to: at('15:10') },
    { id: '3', subject: { kind: 'task', taskId: 'Report' }, from: at('16:00'), to: at('16:30') },
  ],
});
const rule = (by: CategoryRule['by'], of: string, category: string): CategoryRule => ({
  id: `${by} ${of}`,
  by,
  of,
  name: of,
  category,
});
const rowsOf = (workspace: Workspace) => ledger(workspace, dayOf(date, zone), zone, at('18:00')).rows;
const told = (workspace: Workspace) =>
  rowsOf(workspace).map(({ title, categoryId }) => `${title}: ${categoryId}`);
const withRules = (...rules: CategoryRule[]) =>
  rules.reduce((before, each) => addCategoryRule.apply(before, each), office);

test('what has no category counts by its series, its title or its people; the narrowest rule has it, its own category before all', () => {
  const workspace = withRules(
    rule('person', 'ines@TRUST.example', 'People'),
    rule('series', 'Crew call', 'Calls'),
    rule('title', 'Post', 'Writing'),
    rule('title', 'Report', 'Calls'),
    rule('title', 'Review', 'Calls'),
  );
  expect(told(workspace)).toEqual([
    'Crew call: Calls',
    'Landowner: People',
    'Review: Writing',
    'post : Writing',
    'Post: Writing',
    'Report: Writing',
  ]);
});

test('a rule is tried before it counts, on what has no category', () => {
  const [call] = rowsOf(office);
  const grounds = call ? ruleGrounds(office, call.subject) : [];
  expect(grounds.map(({ by, name }) => `${by} ${name}`)).toEqual([
    'series Crew call',
    'title Crew call',
    'person Ines Ward',
  ]);
  const held = (by: CategoryRule['by'], of: string) =>
    heldByRule(office, rowsOf(office), { by, of }).map(({ title }) => title);
  expect(held('person', ines.address)).toEqual(['Crew call', 'Landowner']);
  expect(held('title', 'post')).toEqual(['post ', 'Post']);
  expect(held('title', 'Review')).toEqual([]);
});

test('a rule goes with its category, moves with a merged one, and gives way to another for the same', () => {
  const workspace = withRules(rule('title', 'Post', 'Calls'), {
    ...rule('title', 'Post', 'People'),
    id: 'new',
  });
  expect(workspace.categoryRules.values().map(({ id }) => id)).toEqual(['new']);
  const merged = mergeCategories.apply(workspace, { id: 'People', into: 'Writing' });
  expect(told(merged)).toContain('Post: Writing');
  expect(deleteCategory.apply(workspace, { id: 'People' }).categoryRules.size).toBe(0);
  expect(told(deleteCategoryRule.apply(workspace, { id: 'new' }))).toContain('Post: null');
});
