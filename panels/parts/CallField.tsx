import type { EventDetails } from '@/core/model/event';
import { Field } from '@/ui/Field';
import { readAddress } from '@/ui/readings';

type Calls = EventDetails['calls'];

/** How a meeting is joined: its first way to do so; others that came with a file stay. */
export const CallField = ({
  calls,
  onSave,
}: {
  calls: Calls;
  onSave: (calls: Calls) => boolean | string | void;
}) => (
  <Field
    label="Call link"
    wraps
    text={calls[0]?.uri ?? ''}
    placeholder="https://…"
    read={readAddress}
    onSave={(uri) => onSave(uri ? [{ uri, label: '', line: '' }, ...calls.slice(1)] : calls.slice(1))}
  />
);
