import { useDeferredValue, useEffect, type ReactNode } from 'react';
import { Boundary } from './Boundary';
import { belongsInPane, closePanel, topPanel, usePanel, usePanels, type Opened } from './panels';
import { Sheet } from './Sheet';
import { typedIsWanted } from './typedAhead';
import { UntilLoaded } from './UntilLoaded';

/** The one place where panels lie over the screen, `foot` below each of them. */
export function PanelHost({ foot }: { foot: ReactNode }) {
  // the press that opens or closes it is answered first
  const top = useDeferredValue(usePanels(topPanel));
  const times = useDeferredValue(usePanels((state) => state.times));
  const hasPane = usePanels((state) => state.hasPane);
  if (!top || (hasPane && belongsInPane(top))) return null;
  return (
    <Boundary key={`${top.kind} ${times}`} what="What was opened">
      <UntilLoaded>
        <Shown panel={top} foot={foot} />
      </UntilLoaded>
    </Boundary>
  );
}

function Shown({ panel, foot }: { panel: Opened; foot: ReactNode }) {
  const { useTitle, Content } = usePanel(panel);
  return (
    <Sheet title={useTitle(panel)} onClose={closePanel} foot={foot}>
      <Boundary what="What was opened">
        <Content {...panel} />
        <Stands panel={panel} />
      </Boundary>
    </Sheet>
  );
}

/** Stands with what was opened, which a sheet draws later than itself, and after it: its field has the keyboard by then. */
function Stands({ panel }: { panel: Opened }) {
  useEffect(typedIsWanted, [panel]);
  return null;
}
