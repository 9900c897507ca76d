import { readFileSync } from 'node:fs';
import { keyGroups, shownKeys } from './keyGroups';

test('the guide has every key of the table, and no key means two things in one place', () => {
  const guide = readFileSync('docs/guide.md', 'utf8').replace(/ +/g, ' ');
  for (const { name, lines } of keyGroups) {
    const shown = lines.filter(({ what }) => what !== '');
    for (const line of shown) expect(guide).toContain(`| ${shownKeys(line)} | ${line.what} |`);
    expect([name, new Set(shown.map(shownKeys)).size]).toEqual([name, shown.length]);
  }
});
