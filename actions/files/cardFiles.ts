import { bringPeople } from '@/core/commands/people';
import { NoCards, readCards, writeCards, type Cards } from '@/core/formats/cards';
import type { Person } from '@/core/model/person';
import type { Known } from '@/core/people/joined';
import { currentWorkspace, newId, store } from '@/state/workspaceStore';
import { openPanel } from '@/ui/panels';
import { download } from './download';
import { isTooLarge, NOTHING_CHANGED } from './reading';

const LARGEST = 20_000_000;

function cardsOf(name: string, text: string): Cards | undefined {
  try {
    return readCards(text);
  } catch (error) {
    if (!(error instanceof NoCards)) throw error;
    store.say(`${name}: ${error.message} ${NOTHING_CHANGED}`, 'problem');
    return undefined;
  }
}

/** Takes the people of a file of cards (vCard), and shows what of it could not be taken. */
export async function importCards(file: File): Promise<void> {
  if (isTooLarge(file, LARGEST, 'can be read as cards')) return;
  const found = cardsOf(file.name, await file.text());
  if (!found) return;
  const { cards, problems } = found;
  const before = currentWorkspace();
  const input = { cards: cards.map((card) => ({ ...card, id: newId() })) };
  const isNew = bringPeople.apply(before, input) !== before;
  const count = cards.length === 1 ? 'one card' : `${cards.length} cards`;
  if (isNew) store.run(bringPeople, input, `Took ${count} from ${file.name}`);
  else store.say(`${file.name} has ${count}, all of them known already.`);
  openPanel({ kind: 'people', problems });
}

/** Somebody as a card has them, whether one has named them oneself or not. */
const asCard = ({ key, name, addresses, stored }: Known): Person => ({
  ...{ id: stored?.id ?? key, name, kept: stored?.kept ?? [] },
  addresses: [...addresses],
});

/** Hands people to the person as a file of cards (vCard). */
export function exportCards(people: readonly Known[], name = 'people'): void {
  download(`${name}.vcf`, writeCards(people.map(asCard)), 'text/vcard');
}
