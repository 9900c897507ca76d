import { useRef, type ReactNode } from 'react';
import { Modal, View } from 'react-native';
import { webProps } from './dom';
import { useCovering } from './Beneath';
import { escapeWithin } from './escapes';
import { useFocusBack } from './focusBack';
import { IconButton } from './Button';
import { useTabsRound } from './tabsRound';
import { useWide } from './useWide';
import { Heading } from './Words';
import { ScrollRegion } from './ScrollRegion';

type SheetProps = {
  title: string;
  onClose: () => void;
  /** What stays in sight below all that it holds. */
  foot?: ReactNode;
  children: ReactNode;
};

/** A sheet over the screen: from below on a phone, at the right on a wide screen. Escape or the ground closes it. */
export function Sheet({ title, onClose, foot, children }: SheetProps) {
  const wide = useWide();
  useFocusBack();
  useCovering();
  const sheet = useRef<View>(null);
  useTabsRound(sheet);
  return (
    <Modal
      transparent
      visible
      onRequestClose={() => escapeWithin() || onClose()}
      animationType="none"
      aria-label={title}
    >
      <View className={`flex-1 ${wide ? 'flex-row justify-end' : 'justify-end'}`}>
        <View
          aria-hidden
          {...webProps({ onClick: onClose })}
          className="absolute inset-0 bg-veil opacity-50"
        />
        <View
          ref={sheet}
          className={`border-line bg-ground ${wide ? 'h-full w-[420px] border-l' : 'max-h-[88%] rounded-t-2xl border-t low:max-h-full'}`}
        >
          <View className="flex-row items-center justify-between gap-2 px-4 pt-3">
            <View className="flex-1">
              <Heading level={2}>{title}</Heading>
            </View>
            <IconButton label="Close" icon="close" onPress={onClose} />
          </View>
          <ScrollRegion className="scroll-pb-20" contentContainerClassName="gap-4 px-4 pb-6 pt-2">
            {children}
          </ScrollRegion>
          {foot}
        </View>
      </View>
    </Modal>
  );
}
