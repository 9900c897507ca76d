import { Field } from '@/ui/Field';
import { readName } from '@/ui/readings';
import { Words } from '@/ui/Words';
import { readAddress } from './FeedPanel';
import { readSecret } from './readSecret';

export type Credentials = { readonly server: string; readonly username: string; readonly password: string };

type Props = {
  /** What is asked, as its address is called, and what that looks like. */
  label: string;
  placeholder: string;
  who: Credentials;
  onSet: (change: Partial<Credentials>) => void;
  /** Enter in the last field. */
  onLook: (who: Credentials) => void;
};

/** Where something is asked, and who asks. */
export const WhoAsks = ({ label, placeholder, who, onSet, onLook }: Props) => (
  <>
    <Field
      label={label}
      text={who.server}
      focusFirst
      placeholder={placeholder}
      read={readAddress}
      onSave={(server) => onSet({ server })}
    />
    <Field label="User name" text={who.username} read={readName} onSave={(username) => onSet({ username })} />
    <Field
      label="Password"
      text={who.password}
      secret
      read={readSecret}
      onSave={(password) => onSet({ password })}
      onEnter={(password) => onLook({ ...who, password })}
    />
    {/^http:\/\/(?!localhost\b)/.test(who.server) && (
      <Words tone="brick">
        This address begins with http: whoever is between here and there can read your password.
      </Words>
    )}
  </>
);
