import type { ReactNode } from 'react';
import { newcomerSteps } from '@/core/plan/firstSteps';
import { useIsWhole, useWorkspace } from '@/state/shown';
import { later, useLater } from '@/ui/later';
import { UntilLoaded } from '@/ui/UntilLoaded';

const steps = later(() => import('./newcomerSteps'));

/** For newcomers alone, once all is read, as what has not been read yet has not been skipped. */
function ForNewcomers({ children }: { children: ReactNode }) {
  const isNew = newcomerSteps(useWorkspace()) !== null;
  return useIsWhole() && isNew ? <UntilLoaded>{children}</UntilLoaded> : null;
}

function All() {
  const { AllSteps } = useLater(steps);
  return <AllSteps />;
}

function One() {
  const { OneStep } = useLater(steps);
  return <OneStep />;
}

/** For a newcomer: what this is, and the steps to a first planned day. */
export const FirstSteps = () => (
  <ForNewcomers>
    <All />
  </ForNewcomers>
);

/** For a newcomer, in one line: the step that comes next. */
export const NextStep = () => (
  <ForNewcomers>
    <One />
  </ForNewcomers>
);
