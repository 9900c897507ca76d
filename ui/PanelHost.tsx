import { Boundary } from './Boundary';
import { belongsInPane, closePanel, panelOf, topPanel, usePanels, type Opened } from './panels';
import { Sheet } from './Sheet';

/** The one place where panels lie over the screen. */
export function PanelHost() {
  const top = usePanels(topPanel);
  const hasPane = usePanels((state) => state.hasPane);
  if (!top || (hasPane && belongsInPane(top))) return null;
  return <Shown key={top.kind} panel={top} />;
}

function Shown({ panel }: { panel: Opened }) {
  const { useTitle, Content } = panelOf(panel);
  return (
    <Sheet title={useTitle(panel)} onClose={closePanel}>
      <Boundary what="What was opened">
        <Content {...panel} />
      </Boundary>
    </Sheet>
  );
}
