import { mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import * as z from '../../core/zod';
import { Page } from './pages';

/** The pages to book from as a file keeps them; none where there is no file. Throws where it holds something else. */
export function keptPages(file: string): Page[] {
  let text: string;
  try {
    text = readFileSync(file, 'utf8');
  } catch {
    return [];
  }
  const pages = z.array(Page).safeParse(JSON.parse(text)).data;
  if (!pages) throw new Error(`${file} holds no pages to book from. Move it away to begin without any.`);
  return pages;
}

/** Keeps pages in a file: the whole of it or what was there before, whatever happens meanwhile. */
export function keepPages(file: string, pages: readonly Page[]): void {
  mkdirSync(path.dirname(file), { recursive: true });
  const next = `${file}.next`;
  // whoever can read it knows who has booked what
  writeFileSync(next, JSON.stringify(pages), { mode: 0o600 });
  renameSync(next, file);
}
