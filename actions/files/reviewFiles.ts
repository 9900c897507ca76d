import { session } from '@/state/session';
import { store } from '@/state/workspaceStore';
import { download } from './download';

const types = { csv: 'text/csv', md: 'text/markdown', svg: 'image/svg+xml', png: 'image/png' } as const;
type Ending = keyof typeof types;

/** Hands something to the person as a file that is named by its title. */
function save(title: string, ending: Ending, content: string | Blob): void {
  const plain = title.toLowerCase().replace(/[^\p{L}\p{N}]+/gu, '-');
  const name = `sprindle-${session.space}-${plain}.${ending}`;
  download(name, content, types[ending]);
  store.say(`Exported as ${name}`);
}

/** Hands a table to the person. */
export const saveTable = (title: string, ending: 'csv' | 'md', text: string): void =>
  save(title, ending, text);

/** A picture is drawn so many times as large as on the screen, so that it is sharp on paper. */
const SHARP = 2;

/** Hands what an element shows to the person as a picture. */
export async function savePicture(title: string, ending: 'png' | 'svg', id: string): Promise<void> {
  const element = document.getElementById(id);
  const { toBlob, toSvg } = await import('html-to-image');
  if (!element) return store.say('The picture is not in sight any more.');
  const options = { pixelRatio: SHARP, backgroundColor: getComputedStyle(document.body).backgroundColor };
  if (ending === 'svg') {
    const address = await toSvg(element, options);
    return save(title, ending, decodeURIComponent(address.slice(address.indexOf(',') + 1)));
  }
  const picture = await toBlob(element, options);
  if (picture) save(title, ending, picture);
}
