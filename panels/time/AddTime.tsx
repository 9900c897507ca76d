import { View } from 'react-native';
import { addEntry } from '@/core/commands/track';
import type { Subject } from '@/core/model/plan';
import { MINUTE } from '@/core/time/span';
import { readDuration } from '@/core/capture/readDuration';
import { readTime } from '@/core/capture/readTime';
import { dateWords, durationWords, timeWords } from '@/core/time/words';
import { instantOf, timeOf } from '@/core/time/zone';
import * as z from '@/core/zod';
import { useWorkspace } from '@/state/shown';
import { here } from '@/state/here';
import { newId, store } from '@/state/workspaceStore';
import { useMoment } from '@/ui/clock';
import { FormField, useDraftForm } from '@/ui/form';
import type { Reading } from '@/ui/Field';
import { quoted, readClock } from '@/ui/readings';
import { closePanel } from '@/ui/panels';
import { FormButtons } from '../parts/FormButtons';
import { Words } from '@/ui/Words';

/** When it ended, by the clock or by how long it took (minutes). */
const End = z.union([z.object({ time: z.string() }), z.object({ minutes: z.number() })]);
/** When it began; the end, too, where both were typed into one field: `9:10 to 9:55`. */
const Begin = z.object({ time: z.string(), to: z.nullable(z.string()) });
const fields = z.object({ from: z.nullable(Begin), end: z.nullable(End) });
/** The end that holds: of the field for it, else of a range. */
const endOf = ({ from, end }: z.infer<typeof fields>): z.infer<typeof End> | null =>
  end ?? (from?.to ? { time: from.to } : null);
const timeForm = {
  name: 'Add time',
  fields,
  whole: fields.check(
    // a length alone ends now
    z.refine(({ from, end }) => from !== null || (end !== null && 'minutes' in end), {
      message: 'Say when it began.',
      path: ['from'],
    }),
    z.refine((form) => endOf(form) !== null, {
      message: 'Say when it ended, or how long it took.',
      path: ['end'],
    }),
    z.refine(
      (form) => {
        const end = endOf(form);
        return form.from === null || end === null || 'minutes' in end || end.time > form.from.time;
      },
      { message: 'The end must be after the start.', path: ['end'] },
    ),
  ),
};

function readBegin(typed: string, now: string): Reading<z.infer<typeof Begin>> {
  const [, first, last] = /^(.+?)\s*(?:[-–—]|\bto\b|\buntil\b)\s*(.+)$/i.exec(typed.trim()) ?? [];
  const begin = readClock(first ?? typed);
  if (!('value' in begin) || last === undefined)
    return 'value' in begin ? { value: { time: begin.value, to: null } } : begin;
  const end = /^now$/i.test(last) ? { value: now } : readClock(last);
  return 'value' in end ? { value: { time: begin.value, to: end.value } } : end;
}

function readEnd(typed: string, now: string): Reading<z.infer<typeof End>> {
  if (/^(until )?now$/i.test(typed.trim())) return { value: { time: now } };
  const time = /^\d{1,2}[:.]\d\d$|[ap]m?$/i.test(typed.trim()) ? readTime(typed) : undefined;
  if (time) return { value: { time } };
  const minutes = readDuration(typed);
  return minutes
    ? { value: { minutes } }
    : { problem: `${quoted(typed)} is neither a time of day nor a length. Try 15:30 or 45m.` };
}

/** Enters time by hand: from, and to or a length. */
export function AddTime({ subject, date }: { subject: Subject; date: string }) {
  const { zone, now } = useMoment();
  const { settings } = useWorkspace();
  const { control, handleSubmit, discard } = useDraftForm(timeForm, { from: null, end: null });
  const at = (time: string) => instantOf(`${date}T${time}`, zone);
  const save = handleSubmit((form) => {
    const { from } = form;
    const end = endOf(form);
    if (end === null) return;
    const minutes = 'minutes' in end ? end.minutes * MINUTE : 0;
    const begin = from === null ? here().now - minutes : at(from.time);
    const to = 'time' in end ? at(end.time) : begin + minutes;
    if (!store.run(addEntry, { id: newId(), subject, from: begin, to }, 'Added the time')) return;
    discard();
    closePanel();
  });
  const submit = () => void save();
  return (
    <View className="gap-4">
      <Words tone="soft">On {dateWords(date, settings)}</Words>
      <View className="flex-row gap-3">
        <View className="flex-1">
          <FormField
            control={control}
            name="from"
            label="From"
            text={(from) =>
              from === null
                ? ''
                : [from.time, from.to ?? []]
                    .flat()
                    .map((time) => timeWords(time, settings.clock))
                    .join(' – ')
            }
            read={(typed) => readBegin(typed, timeOf(now, zone))}
            placeholder="9:30, or 9:10 to 9:55"
            onEnter={submit}
            focusFirst
          />
        </View>
        <View className="flex-1">
          <FormField
            control={control}
            name="end"
            label="To, or how long"
            text={(end) =>
              end === null
                ? ''
                : 'time' in end
                  ? timeWords(end.time, settings.clock)
                  : durationWords(end.minutes)
            }
            read={(typed) => readEnd(typed, timeOf(now, zone))}
            placeholder="10:45 or 1h15"
            onEnter={submit}
          />
        </View>
      </View>
      <FormButtons label="Add time" onSubmit={submit} discard={discard} />
    </View>
  );
}
