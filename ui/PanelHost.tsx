import { Suspense, useDeferredValue } from 'react';
import { Boundary } from './Boundary';
import { belongsInPane, closePanel, topPanel, usePanel, usePanels, type Opened } from './panels';
import { Sheet } from './Sheet';

/** The one place where panels lie over the screen. */
export function PanelHost() {
  // the press that opens or closes it is answered first
  const top = useDeferredValue(usePanels(topPanel));
  const hasPane = usePanels((state) => state.hasPane);
  if (!top || (hasPane && belongsInPane(top))) return null;
  return (
    <Boundary key={top.kind} what="What was opened">
      <Suspense>
        <Shown panel={top} />
      </Suspense>
    </Boundary>
  );
}

function Shown({ panel }: { panel: Opened }) {
  const { useTitle, Content } = usePanel(panel);
  return (
    <Sheet title={useTitle(panel)} onClose={closePanel}>
      <Boundary what="What was opened">
        <Content {...panel} />
      </Boundary>
    </Sheet>
  );
}
