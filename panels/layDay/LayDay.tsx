import { useState } from 'react';
import { View } from 'react-native';
import { layOut } from '@/actions/layDay';
import { keepDay } from '@/actions/templates';
import type { Id } from '@/core/model/common';
import type { Template } from '@/core/model/template';
import { dayPlan } from '@/core/plan/dayPlan';
import { laidOn, layoutOf, type Laid, type LaidDay } from '@/core/plan/layDay';
import { inRank } from '@/core/tasks/order';
import { asLine, clockWords, dateWords, durationWords, timeWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { useMoment } from '@/ui/clock';
import { Field } from '@/ui/Field';
import { closePanel, openPanel, type Panel, type Panels } from '@/ui/panels';
import { readTitle } from '@/ui/readings';
import { Subheading, Words } from '@/ui/Words';
import { templateWords } from '../parts/templateWords';

/** A day that is laid out from a template, seen before it counts, and the way to keep a day as one. */
export function LayDay({ date, templateId }: Panels['layDay']) {
  const all = inRank(useWorkspace().templates).filter(({ day }) => day);
  const [chosen, setChosen] = useState(templateId);
  const template = all.find(({ id }) => id === chosen) ?? all[0];
  return (
    <View className="gap-5">
      {template ? (
        <>
          {all.length > 1 && (
            <Choice
              label="Template"
              value={template.id}
              onChoose={setChosen}
              options={all.map(({ id, name }) => ({ value: id, name }))}
            />
          )}
          <Preview key={template.id} date={date} template={template} />
        </>
      ) : (
        <Words tone="soft">There is no template of a day yet. Keep a day that is as you like it.</Words>
      )}
      <Keep date={date} />
    </View>
  );
}

/** What a template would bring to the day, and what is left of the day then. */
function Preview({ date, template }: { date: string; template: Template }) {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  if (!template.day) return null;
  const laid = laidOn(workspace, template.day, date, zone, now);
  const { blocks, tray, intentions, checklist, there } = laid;
  const isEmpty = blocks.length + tray.length + intentions.length + checklist.length === 0;
  return (
    <View className="gap-3">
      <Subheading>{template.name}</Subheading>
      <View role="list" aria-label="What comes to the day" className="gap-2">
        {blocks.map((one, i) => (
          <LaidLine key={i} laid={one} />
        ))}
      </View>
      <Listed name="Tray" texts={tray.map(({ title }) => title)} />
      <Listed name="Meant for the day" texts={intentions} />
      <Listed name="Checklist" texts={checklist.map(({ text }) => text)} />
      <Listed name="There already" texts={there} />
      {isEmpty ? <Words>The day has all of it already.</Words> : <Room date={date} laid={laid} />}
      <View className="flex-row flex-wrap gap-2">
        {!isEmpty && (
          <Button
            label="Lay it out"
            kind="primary"
            onPress={() => {
              if (layOut(template, date, laid)) closePanel();
            }}
          />
        )}
        <Button label="Edit templates…" kind="quiet" onPress={() => openPanel({ kind: 'templates' })} />
      </View>
    </View>
  );
}

/** One block: its hours on this day, and what became of the hour that it is meant for. */
function LaidLine({ laid: { block, start, isMoved } }: { laid: Laid }) {
  const { zone } = useMoment();
  const { clock } = useWorkspace().settings;
  const meant = timeWords(block.at, clock);
  const said = start === null ? `no room, into the tray` : isMoved ? `not ${meant}, which is taken` : '';
  return (
    <View role="listitem" className="flex-row gap-3">
      <View className="w-16">
        <Words face="mono" tone={start === null ? 'soft' : 'ink'}>
          {start === null ? '–' : clockWords(start, zone, clock)}
        </Words>
      </View>
      <View className="min-w-0 flex-1">
        <Words face="strong">{block.title}</Words>
        <Words size="xs" tone="soft">
          {[durationWords(block.minutes), said].filter(Boolean).join(' · ')}
        </Words>
      </View>
    </View>
  );
}

const Listed = ({ name, texts }: { name: string; texts: readonly string[] }) =>
  texts.length > 0 && (
    <Words>
      <Words tone="soft">{name}: </Words>
      {texts.join(', ')}
    </Words>
  );

/** What is left free of the day once all of it stands there. */
function Room({ date, laid }: { date: string; laid: LaidDay }) {
  const { zone } = useMoment();
  const { load } = dayPlan(useWorkspace(), date, zone);
  const taken = [
    ...laid.blocks.map(({ block }) => block.minutes),
    ...laid.tray.map(({ estimate }) => estimate ?? 0),
  ].reduce((sum, minutes) => sum + minutes, 0);
  const left = load.free - taken;
  return (
    <Words tone={left < 0 ? 'brick' : 'soft'}>
      {left < 0
        ? `${durationWords(taken)} in all, ${durationWords(-left)} more than the day has room for.`
        : `${durationWords(taken)} in all, which leaves ${durationWords(left)} free.`}
    </Words>
  );
}

/** Keeps what stands on the day as a template. */
function Keep({ date }: { date: string }) {
  const { zone } = useMoment();
  const workspace = useWorkspace();
  const day = layoutOf(workspace, date, zone);
  const holds = day.blocks.length + day.tray.length + day.intentions.length + day.checklist.length;
  if (holds === 0) return null;
  return (
    <View className="gap-2">
      <Subheading>Keep this day</Subheading>
      <Words tone="soft">{asLine(templateWords({ minutes: 0, hours: null, rank: 0, day }))}</Words>
      <Field
        label="Name of the new template"
        text=""
        adding
        read={readTitle}
        placeholder="Desk day"
        onSave={(name) => keepDay(date, name)}
      />
    </View>
  );
}

declare module '@/ui/panels' {
  interface Panels {
    /** `templateId` is the template that it begins with. */
    layDay: { readonly date: string; readonly templateId?: Id };
  }
}

export const layDay: Panel<Panels['layDay']> = {
  useTitle: ({ date }) => `Lay out ${dateWords(date, useWorkspace().settings)}`,
  Content: LayDay,
};
