import { askToNotify } from '@/actions/reminders';
import type { Leads } from '@/core/model/reminder';
import { Field } from '@/ui/Field';
import { leadsText, readLeads } from '@/ui/readings';

type Props = {
  label: string;
  leads: Leads | undefined;
  /** What holds as long as nothing is typed; none where this is what holds for all. */
  otherwise?: Leads;
  onSave: (leads: Leads | undefined) => boolean | string | void;
};

/** How long before something one is reminded; where the first is set, the browser is asked for notifications. */
export const LeadsField = ({ label, leads, otherwise, onSave }: Props) => (
  <Field
    label={label}
    text={leadsText(leads)}
    placeholder={otherwise?.length ? `${leadsText(otherwise)}, as set for all` : 'never'}
    read={readLeads}
    onSave={(typed) => {
      if (typed !== undefined && typed.length > 0) void askToNotify();
      return onSave(typed);
    }}
  />
);
