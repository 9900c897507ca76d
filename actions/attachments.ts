import { bytesOfBase64 } from '@/core/formats/bytes';
import { addLink, attach, detach, removeLink } from '@/core/commands/attachments';
import { LARGEST_ATTACHMENT, type Attachment, type AttachedTo } from '@/core/model/attachment';
import { bounds, shortened } from '@/core/model/bounds';
import type { Link } from '@/core/model/link';
import { here } from '@/state/here';
import { newId, store } from '@/state/workspaceStore';
import { sizeWords } from '@/ui/sizeWords';

/** A file in Base64; rejects when it cannot be read. */
const contentOf = (file: File): Promise<string> =>
  new Promise((read, failed) => {
    const reader = new FileReader();
    reader.onload = () => read(String(reader.result).replace(/^[^,]*,/, ''));
    reader.onerror = () => failed(reader.error);
    reader.readAsDataURL(file);
  });

/** Whether the browser's storage takes so many bytes more; one that does not tell is trusted. */
async function hasRoomFor(bytes: number): Promise<boolean> {
  const { quota, usage } = (await navigator.storage?.estimate?.()) ?? {};
  // it is stored in Base64, and written anew beside what it replaces
  return quota === undefined || usage === undefined || usage + bytes * 3 < quota;
}

/** Attaches files to a task or a meeting. What is too large or cannot be read is named, the others are kept. */
export async function attachFiles(files: readonly File[], of: AttachedTo): Promise<void> {
  const problems = files
    .filter(({ size }) => size > LARGEST_ATTACHMENT)
    .map(
      ({ name, size }) =>
        `${shortened(name, 60)} has ${sizeWords(size)}; up to ${sizeWords(LARGEST_ATTACHMENT)} are kept.`,
    );
  const small = files.filter(({ size }) => size <= LARGEST_ATTACHMENT);
  const total = small.reduce((sum, { size }) => sum + size, 0);
  if (!(await hasRoomFor(total)))
    return void store.say(
      'The browser’s storage has no room for that file. Nothing was attached.',
      'problem',
    );
  const taken: Attachment[] = [];
  for (const file of small) {
    const name = shortened(file.name || 'file', bounds.title);
    try {
      const data = await contentOf(file);
      taken.push({ id: newId(), of, name, type: file.type, size: file.size, addedAt: here().now, data });
    } catch {
      problems.push(`${name} could not be read.`);
    }
  }
  const [first] = taken;
  if (first)
    store.run(
      attach,
      { files: taken },
      taken.length === 1 ? `${first.name} is attached` : `${taken.length} files are attached`,
    );
  if (problems.length > 0) store.say(problems.join(' '), 'problem');
}

export const removeAttachment = ({ id, name }: Attachment): boolean =>
  store.run(detach, { id }, `${name} is removed`);

/** Adds a link to a task or a meeting. */
export const addLinkTo = (of: AttachedTo, { address, name }: Pick<Link, 'address' | 'name'>): boolean =>
  store.run(addLink, { id: newId(), of, address, name, addedAt: here().now }, `${name || address} is linked`);

export const removeLinkOf = ({ id, name, address }: Link): boolean =>
  store.run(removeLink, { id }, `${name || address} is removed`);

/** The file itself, of no type that a browser would run. */
export const fileOf = ({ data }: Attachment): Blob => new Blob([bytesOfBase64(data)]);

/** Whether it is a picture that can be shown without running anything of it. */
export const isPicture = ({ type }: Pick<Attachment, 'type'>): boolean =>
  /^image\/(png|jpeg|gif|webp|avif|bmp)$/.test(type);
