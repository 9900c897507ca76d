import type { DayLayout } from '@/core/model/template';
import { Lines } from './Lines';
import type { Editing } from './editing';

/** What a block of a line has that tells neither an hour nor a length. */
const FIRST = '09:00';
const USUAL = 60;

const checklists = [
  { at: 'opening', name: 'Checklist at the opening', example: 'Read the river level' },
  { at: 'close', name: 'Checklist at the close', example: 'Timesheet' },
] as const;

/** A whole day: its blocks, its tray, what it is meant for, and its checklist. */
export function DayPart({ template: { day }, edit }: Editing) {
  if (!day) return null;
  const { blocks, tray, intentions, checklist } = day;
  const set = (changes: Partial<DayLayout>) => edit({ day: { ...day, ...changes } });
  return (
    <>
      <Lines
        name="Blocks"
        example="09:00 Grant report 1h30"
        items={blocks}
        lineOf={({ title, at, minutes }) => ({ title, at, minutes })}
        itemOf={({ title, at = FIRST, minutes }, block) => ({
          ...block,
          title,
          at,
          minutes: minutes ?? USUAL,
        })}
        onChange={(to) => set({ blocks: [...to].sort((a, b) => a.at.localeCompare(b.at)) })}
      />
      <Lines
        name="Tray"
        example="Order waders 20m"
        items={tray}
        lineOf={({ title, estimate }) => ({ title, minutes: estimate })}
        itemOf={({ title, minutes = null }, one) => ({ ...one, title, estimate: minutes })}
        onChange={(to) => set({ tray: [...to] })}
      />
      <Lines
        name="Meant for the day"
        example="Leave on time for once"
        items={intentions}
        lineOf={(title) => ({ title })}
        itemOf={({ title }) => title}
        onChange={(to) => set({ intentions: [...to] })}
      />
      {checklists.map(({ at, name, example }) => (
        <Lines
          key={at}
          name={name}
          example={example}
          items={checklist.filter((line) => line.at === at)}
          lineOf={({ text }) => ({ title: text })}
          itemOf={({ title }) => ({ text: title, at })}
          onChange={(to) => set({ checklist: [...checklist.filter((line) => line.at !== at), ...to] })}
        />
      ))}
    </>
  );
}
