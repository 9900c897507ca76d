import type { Scope } from '@/core/commands/events';
import { Choice } from '@/ui/Choice';

/** What changes of something that repeats hold for. */
export const ScopeChoice = ({ value, onChoose }: { value: Scope; onChoose: (scope: Scope) => void }) => (
  <Choice
    label="Changes hold for"
    value={value}
    onChoose={onChoose}
    options={[
      { value: 'one', name: 'this one' },
      { value: 'later', name: 'this and later' },
      { value: 'all', name: 'all' },
    ]}
  />
);

export const deleteWords: Record<Scope, string> = {
  one: 'Delete this one',
  later: 'Delete this and later',
  all: 'Delete all',
};
