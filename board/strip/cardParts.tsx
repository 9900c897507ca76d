import { View, type DimensionValue } from 'react-native';
import type { Drift } from '@/core/plan/sinceSeal';
import { resizing, type Dragged } from '../drag/dragStore';
import { pressable } from '../drag/useDragItem';
import { DriftMark } from '../seal/DriftMark';
import { Icon } from '@/ui/icons';
import { forText } from '@/ui/textScale';
import { durationWords } from '@/core/time/words';
import { useHyphened } from '@/ui/hyphens';
import { Words } from '@/ui/Words';

/** Where a card lies on the strip. */
export type Box = {
  readonly top: number;
  readonly height: number;
  readonly left: DimensionValue;
  readonly width: DimensionValue;
  /** Nothing shares the width with it. */
  readonly alone: boolean;
  /** How wide that is, in pixels. */
  readonly pixels: number;
  /** There is room for little more than its title. */
  readonly narrow: boolean;
  /** It is narrower than most words: it bears no title, which is told above the hours once it is touched. */
  readonly sliver: boolean;
};

/** Cards this wide have room for buttons beside their title. */
export const BUTTONS = forText(200);

/** Cards less wide than this have room for little more than their title. */
export const NARROW = forText(110);

/** Cards less wide than this are slivers. */
export const LEAST_CARD = forText(60);

/** In days less wide than this every card is a sliver: what lies beside the cards takes the rest. */
export const SLIVERS = LEAST_CARD + 16;

export const placeOf = ({ top, height, left, width }: Box) => ({ top, height, left, width });

/** In cards this high one line of small text fits. */
export const ONE_LINE = forText(18);

/** Cards this high have room for a second line. */
export const TWO_LINES = forText(40);

/** Narrow cards this high say what is wrong in words. */
const WARNING = forText(56);

/** How many lines of a title a card has room for. */
const linesOf = ({ height, narrow }: Box): number => {
  if (narrow) return Math.max(1, Math.floor((height - 6) / forText(16)));
  return height < forText(60) ? 1 : 2;
};

type TitleProps = {
  box: Box;
  /** How long it is, in minutes: all that a sliver says in words. */
  minutes: number;
  late?: string | null;
  face?: 'strong' | 'text';
  /** What has become of it since its week was sealed. */
  drift?: Drift['change'] | undefined;
  children: string;
};

/** The title of a card, as its room allows. A narrow card says in words that it is late where it can, else by a mark. */
export function Title({ box, minutes, late = null, face = 'strong', drift, children }: TitleProps) {
  const title = useHyphened(children, box.narrow && !box.sliver);
  const marked = box.narrow && late !== null;
  const inWords = marked && !box.sliver && box.height >= WARNING;
  return (
    <>
      <View className={box.sliver ? 'gap-0.5' : 'flex-row items-center gap-1'}>
        {drift && <DriftMark change={drift} />}
        {marked && !inWords && (
          <View className="shrink-0">
            <Icon name="late" size={12} colour="brick" />
          </View>
        )}
        <View className="shrink">
          <Words
            face={face}
            size={box.narrow || box.height < forText(22) ? 'xs' : 'sm'}
            tone={marked ? 'brick' : 'ink'}
            numberOfLines={linesOf(box) - (inWords ? 2 : 0)}
          >
            {box.sliver ? lengthIn(box, minutes) : title}
          </Words>
        </View>
      </View>
      {inWords && (
        <Words size="xs" tone="brick" numberOfLines={2}>
          {late}
        </Words>
      )}
    </>
  );
}

/** The length of a sliver, where there is room for it. */
function lengthIn({ pixels, height }: Box, minutes: number): string {
  const words = minutes < 60 ? `${minutes}′` : durationWords(minutes);
  const lines = words.length > 3 ? 2 : 1;
  return pixels >= forText(31) && height >= forText(16) * lines + 4 ? words : '';
}

/** Cards this high have their handle at the lower edge, lower ones at the right. */
const EDGE_HANDLE = 30;

/** Whether a low card has room for a handle beside its title. */
const hasGrip = ({ sliver, narrow, alone }: Box): boolean => !sliver && (!narrow || alone);

/** What leaves room for the handle of a low card. */
export const roomForHandle = (box: Box): string => (box.height < EDGE_HANDLE && hasGrip(box) ? 'pr-8' : '');

/** Where a card is held to make it longer or shorter. The keyboard does it on the card itself. */
export function ResizeHandle({ dragged, box }: { dragged: Dragged; box: Box }) {
  const low = box.height < EDGE_HANDLE;
  if (low && !hasGrip(box)) return null;
  return (
    <View
      {...pressable(resizing(dragged))}
      aria-hidden
      className={`absolute bottom-0 right-0 cursor-ns-resize touch-manipulation ${low ? 'grip-handle top-0 w-8' : 'resize-handle left-0 h-3'}`}
    />
  );
}
