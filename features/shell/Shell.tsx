import { usePathname } from 'expo-router';
import { useEffect, type ReactNode } from 'react';
import { View } from 'react-native';
import { useOpening } from '@/state/shown';
import { DragLayer } from '@/board/drag/DragLayer';
import { acceptDroppedFiles } from '@/actions/files/chooseFile';
import { Navigation } from './Navigation';
import { NoticeLine, UnsavedLine, UpdateLine } from './NoticeLine';
import { store } from '@/state/workspaceStore';
import { usePanels } from '@/ui/panels';
import { Beneath, useIsCovered } from '@/ui/Beneath';
import { PanelHost } from '@/ui/PanelHost';
import { listenToChoices } from '@/ui/choiceKeys';
import { MomentProvider } from '@/ui/clock';
import { useFirstDrawn } from '@/ui/firstDrawn';
import { keepFocus } from '@/ui/keepFocus';
import { QuickBar } from './QuickBar';
import { RunningBar } from './RunningBar';
import { useShellKeys } from './shellKeys';
import { useShared } from './shared';
import { useStarted } from './started';
import { useTheme } from './theme';
import { SkipLinks } from './SkipLinks';
import { Announced } from '@/ui/announce';
import { later, useLater } from '@/ui/later';
import { Tips } from '@/ui/Tips';
import { unfoldOnPaper } from '@/ui/printing';
import { useWide } from '@/ui/useWide';
import { UntilLoaded } from '@/ui/UntilLoaded';

/** Why something was refused is no longer told once its place, or what it was typed into, has been left. */
function useLeftRefusals() {
  const place = usePathname();
  useEffect(() => store.hushRefusals(), [place]);
  useEffect(
    () => usePanels.subscribe(({ shown }, before) => void (shown !== before.shown && store.hushRefusals())),
    [],
  );
}

const topLines = later(() => import('./TopLines'));

function Told() {
  const { TopLines } = useLater(topLines);
  return <TopLines />;
}

/** What is around every screen: the places, notices, sheets, dropped files, the colours of day or night. */
export function Shell({ children }: { children: ReactNode }) {
  const wide = useWide();
  const opening = useOpening();
  const covered = useIsCovered();
  const bare = usePathname() === '/now';
  const stands = useFirstDrawn();
  useStarted(!opening);
  useTheme();
  useEffect(acceptDroppedFiles, []);
  useEffect(listenToChoices, []);
  useEffect(keepFocus, []);
  useEffect(unfoldOnPaper, []);
  useShellKeys();
  useShared();
  useLeftRefusals();
  return (
    <MomentProvider>
      <View className={`flex-1 bg-ground low:overflow-y-auto ${wide ? 'flex-row-reverse' : ''}`}>
        <View className="flex-1 low:flex-none">
          <UnsavedLine />
          <Beneath grow>
            <SkipLinks />
            <UpdateLine />
            {stands && (
              <UntilLoaded>
                <Told />
              </UntilLoaded>
            )}
            <View className="flex-1 low:min-h-[100vh] low:flex-none">{!opening && children}</View>
          </Beneath>
          {!covered && <NoticeLine />}
        </View>
        {!wide && !bare && (
          // apart from the places, which must not move when it comes
          <Beneath>
            {!opening && <QuickBar />}
            {!opening && <RunningBar />}
          </Beneath>
        )}
        {!bare && (
          <Beneath>
            <Navigation />
            {wide && !opening && <RunningBar />}
          </Beneath>
        )}
        <PanelHost foot={<NoticeLine />} />
        <DragLayer />
        <Announced />
        <Tips />
      </View>
    </MomentProvider>
  );
}
