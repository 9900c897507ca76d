import { useDraggable } from '@dnd-kit/core';
import { useEffect, type RefObject } from 'react';
import { create } from 'zustand';
import type { Dragged } from './dragStore';

/** Something on the screen that can be dragged. */
export type Item = {
  readonly id: string;
  readonly element: RefObject<HTMLElement | null>;
  /** What is picked up with it, as it is now. */
  readonly dragged: () => Dragged;
};

const useItems = create<{ readonly items: ReadonlySet<Item> }>(() => ({ items: new Set() }));

/** Makes an item known; returns what takes it away again. */
export function registerItem(item: Item): () => void {
  useItems.setState(({ items }) => ({ items: new Set(items).add(item) }));
  return () =>
    useItems.setState(({ items }) => ({ items: new Set([...items].filter((one) => one !== item)) }));
}

/**
 * Tells dnd-kit of all items. They stand here, apart from what is drawn, as React walks through everything within the
 * context of dnd-kit on every move.
 */
export const Items = () =>
  [...useItems(({ items }) => items)].map((item) => <Binding key={item.id} item={item} />);

function Binding({ item }: { item: Item }) {
  const { setNodeRef, listeners, attributes } = useDraggable({ id: item.id, data: item });
  const help = attributes['aria-describedby'];
  useEffect(() => {
    const node = item.element.current;
    // the sensors of dnd-kit take React's events and look at the native ones within
    const press = (nativeEvent: Event) => listeners?.onMouseDown?.({ nativeEvent });
    const touch = (nativeEvent: Event) => listeners?.onTouchStart?.({ nativeEvent });
    node?.addEventListener('mousedown', press);
    node?.addEventListener('touchstart', touch, { passive: true });
    node?.setAttribute('aria-describedby', help);
    setNodeRef(node);
    return () => {
      node?.removeEventListener('mousedown', press);
      node?.removeEventListener('touchstart', touch);
    };
  }, [item, listeners, help, setNodeRef]);
  return null;
}
