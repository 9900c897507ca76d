import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { isAccessible } from './axe';
import { chooseFile, downloads, fileOf } from './files';
import { scene } from './scene';
import { choose, go, isClosed, keys, press, reload, sees, seesNo, type } from './steps';

const card = (...lines: string[]) => ['BEGIN:VCARD', 'VERSION:4.0', ...lines, 'END:VCARD', ''].join('\r\n');
const cards =
  card('UID:card-ines', 'FN:Ines Marchetti-Ward', 'EMAIL:ines@home.example', 'TEL:+44 1632 960001') +
  card('TEL:1');

for (const size of ['phone', 'wide'] as const)
  scene(
    `people of meetings and of cards are known by name and addresses, joined, and taken along as cards, ${size}`,
    { size, at: '/settings' },
    async ({ page }) => {
      await press(page, 'People…');
      await sees(page, 'meetings and messages');
      await isAccessible(page, `people, ${size}`);
      await chooseFile(page, 'Bring in cards', fileOf('none.vcf', 'Ines, 01632 960001'));
      await sees(page, 'This is no file of cards');
      await chooseFile(page, 'Bring in cards', fileOf('home.vcf', cards));
      await sees(page, 'One card could not be taken');
      await sees(page, 'Line 8: The card tells neither a name nor an address');
      await type(page, 'Find by name or address', 'ines@home');
      await press(page, 'Ines Marchetti-Ward');
      await sees(page, 'Known from a card alone.');
      await type(page, 'Find by name or address', 'marchetti@trust');
      await press(page, 'Join with Ines Marchetti');
      await sees(page, 'is Ines Marchetti-Ward from now on');
      await sees(page, 'To come');
      await isAccessible(page, `a person, ${size}`);
      const handedOut = await downloads(page);
      await press(page, 'Export as a card');
      const text = readFileSync(await handedOut('Ines Marchetti-Ward.vcf'), 'utf8');
      assert.match(text, /FN:Ines Marchetti-Ward\r\n[^]*EMAIL:ines@home.example\r\n[^]*TEL:\+44 1632 960001/);
      await keys(page, 'Control+z');
      await sees(page, 'Undone: join people');
      await seesNo(page, 'To come');
      await keys(page, 'Control+Shift+z');
      await sees(page, 'To come');
      await keys(page, 'Escape');
      await isClosed(page);
      await reload(page);
      await go(page, '/review?span=week&day=2026-11-16');
      await choose(page, 'By', 'Person');
      await sees(page, 'Ines Marchetti-Ward');
    },
  );
