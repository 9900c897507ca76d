import type { Template } from '@/core/model/template';
import { durationWords } from '@/core/time/words';
import { counted } from '@/ui/readings';

/** A list in words; nothing where it is empty. */
const named = (count: number, one: string, many: string) =>
  count === 0 ? [] : [`${counted(count)} ${count === 1 ? one : many}`];

/** What a template is made of, in a line. */
export function templateWords({ minutes, steps = [], meeting, day }: Omit<Template, 'id' | 'name'>): string {
  if (day) {
    const parts = [
      ...named(day.blocks.length, 'block', 'blocks'),
      ...named(day.tray.length, 'thing in the tray', 'things in the tray'),
      ...named(day.intentions.length, 'intention', 'intentions'),
      ...named(day.checklist.length, 'line of the checklist', 'lines of the checklist'),
    ];
    return parts.join(', ') || 'nothing yet';
  }
  const more = meeting
    ? [
        ...(meeting.location ? [meeting.location] : []),
        ...named(meeting.calls.length, 'way to join', 'ways to join'),
        ...named(meeting.attendees.length, 'person', 'people'),
      ]
    : named(steps.length, 'step', 'steps');
  return [durationWords(minutes), ...more].join(', ');
}
