import CalendarSearch from 'lucide-react-native/icons/calendar-search';
import CalendarPlus from 'lucide-react-native/icons/calendar-plus';
import Bell from 'lucide-react-native/icons/bell-ring';
import Chart from 'lucide-react-native/icons/chart-no-axes-column';
import Check from 'lucide-react-native/icons/check';
import ChevronLeft from 'lucide-react-native/icons/chevron-left';
import ChevronRight from 'lucide-react-native/icons/chevron-right';
import ArrowDown from 'lucide-react-native/icons/arrow-down';
import ArrowUp from 'lucide-react-native/icons/arrow-up';
import Clock from 'lucide-react-native/icons/clock';
import Late from 'lucide-react-native/icons/clock-alert';
import Close from 'lucide-react-native/icons/x';
import Grip from 'lucide-react-native/icons/grip-vertical';
import Funnel from 'lucide-react-native/icons/funnel';
import Leaf from 'lucide-react-native/icons/leaf';
import ListChecks from 'lucide-react-native/icons/list-checks';
import Views from 'lucide-react-native/icons/rows-3';
import Map from 'lucide-react-native/icons/map';
import PanelLeft from 'lucide-react-native/icons/panel-left';
import PanelRight from 'lucide-react-native/icons/panel-right';
import Aside from 'lucide-react-native/icons/corner-down-right';
import Return from 'lucide-react-native/icons/corner-up-left';
import Join from 'lucide-react-native/icons/door-open';
import Pin from 'lucide-react-native/icons/pin';
import Bend from 'lucide-react-native/icons/arrow-down-to-line';
import Pen from 'lucide-react-native/icons/pen-line';
import Minus from 'lucide-react-native/icons/fold-vertical';
import More from 'lucide-react-native/icons/unfold-vertical';
import Play from 'lucide-react-native/icons/play';
import Plus from 'lucide-react-native/icons/plus';
import Redo from 'lucide-react-native/icons/redo-2';
import Repeat from 'lucide-react-native/icons/repeat';
import Ruler from 'lucide-react-native/icons/ruler';
import Scale from 'lucide-react-native/icons/scale';
import Boat from 'lucide-react-native/icons/sailboat';
import Sliders from 'lucide-react-native/icons/sliders-horizontal';
import Stamp from 'lucide-react-native/icons/stamp';
import Search from 'lucide-react-native/icons/search';
import Seal from 'lucide-react-native/icons/file-lock';
import Stop from 'lucide-react-native/icons/circle-stop';
import Trash from 'lucide-react-native/icons/trash';
import Undo from 'lucide-react-native/icons/undo-2';
import People from 'lucide-react-native/icons/users';
import Waves from 'lucide-react-native/icons/waves-horizontal';
import Frame from 'lucide-react-native/icons/layout-panel-left';
import Wrench from 'lucide-react-native/icons/wrench';
import type { ListIcon } from '@/core/model/task';
import type { Colour } from './tokens';

const icons = {
  today: Clock,
  plan: Ruler,
  tasks: ListChecks,
  review: Chart,
  settings: Sliders,
  undo: Undo,
  redo: Redo,
  up: ArrowUp,
  down: ArrowDown,
  back: ChevronLeft,
  forward: ChevronRight,
  add: Plus,
  close: Close,
  check: Check,
  start: Play,
  stop: Stop,
  late: Late,
  calendar: CalendarPlus,
  remove: Trash,
  jump: CalendarSearch,
  find: Search,
  views: Views,
  less: Minus,
  more: More,
  grip: Grip,
  repeat: Repeat,
  lens: Funnel,
  frame: Frame,
  seal: Seal,
  aside: Aside,
  return: Return,
  bell: Bell,
  join: Join,
  pin: Pin,
  bend: Bend,
  fits: Scale,
  paneLeft: PanelLeft,
  paneRight: PanelRight,
  waves: Waves,
  pen: Pen,
  leaf: Leaf,
  boat: Boat,
  map: Map,
  people: People,
  permit: Stamp,
  wrench: Wrench,
} satisfies Record<ListIcon, unknown> & Record<string, unknown>;

export type IconName = keyof typeof icons;

/** A line icon in a colour of the tokens, or in the edge colour of the hue around it. */
export function Icon({
  name,
  size = 20,
  colour = 'ink',
}: {
  name: IconName;
  size?: number;
  colour?: Colour | 'edge';
}) {
  const Drawing = icons[name];
  return <Drawing size={size} color={`var(--${colour})`} strokeWidth={1.75} aria-hidden />;
}
