import type { ReactNode } from 'react';
import { View } from 'react-native';
import type { Hue } from '@/core/model/common';
import { IconButton } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { HueChoice } from '@/ui/HueChoice';
import { readTitle } from '@/ui/readings';
import { Words } from '@/ui/Words';

type Props = {
  /** What the field of the name is called. */
  label: string;
  hideLabel?: boolean;
  /** Where it comes from, and what it holds. */
  about?: string;
  name: string;
  hue: Hue;
  onChange: (changes: { name?: string; hue?: Hue }) => boolean | string | void;
  /** What deleting it is called and does; nothing for what has to stay. */
  remove?: { readonly label: string; readonly press: () => void } | undefined;
  children?: ReactNode;
};

/** Something with a name and a hue of its own: a list, a category, a calendar. */
export const NamedRow = ({
  label,
  hideLabel = false,
  about,
  name,
  hue,
  onChange,
  remove,
  children,
}: Props) => (
  <View className={`hue-${hue} gap-1 border-l-4 border-edge pl-3`}>
    {about && (
      <Words size="xs" tone="soft">
        {about}
      </Words>
    )}
    <View className="flex-row items-end gap-2">
      <View className="flex-1">
        <Field
          label={label}
          hideLabel={hideLabel}
          text={name}
          read={readTitle}
          onSave={(to) => onChange({ name: to })}
        />
      </View>
      {remove && <IconButton label={remove.label} icon="remove" onPress={remove.press} />}
    </View>
    <HueChoice of={name} value={hue} onChoose={(to) => onChange({ hue: to })} />
    {children}
  </View>
);
