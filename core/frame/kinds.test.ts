import { office, sleep, withZones } from '../fixtures/zones';
import { FIRST_FRAME } from '../model/firstFrame';
import { plainZone } from '../model/frame';
import { kindsOf, unusedHue } from './kinds';
import { hueOfZone } from './looks';

test('one more kind to paint gets a hue that no other has, or the fewest', () => {
  const workspace = withZones(office, sleep);
  const frame = workspace.frames.get(FIRST_FRAME);
  if (!frame) throw new Error('there is a frame');
  const named = ['Study', 'Choir'].reduce<Parameters<typeof kindsOf>[2]>((brushes = [], name) => {
    const hue = unusedHue(workspace, kindsOf(workspace, frame, brushes));
    return [...brushes, { ...plainZone, name, kind: 'work', hue }];
  }, []);
  const hues = named?.map((brush) => hueOfZone(brush, workspace)) ?? [];
  const before = kindsOf(workspace, frame).map(({ brush }) => hueOfZone(brush, workspace));
  expect(before).not.toContain(hues[0]);
  expect(before.filter((hue) => hue === hues[1]).length).toBeLessThanOrEqual(1);
  expect(hues[1]).not.toBe(hues[0]);
});
