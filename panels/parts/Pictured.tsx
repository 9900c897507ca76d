import { useState, type ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import { Button } from '@/ui/Button';
import { openPanel } from '@/ui/panels';
import { Heading, Words } from '@/ui/Words';

type Props = {
  /** The question that the picture asks, in a word or two, and its answer. */
  asks: string;
  answer: string;
  /** Its figures: the names of the columns, then line by line. */
  heads: readonly string[];
  lines: readonly (readonly string[])[];
  /** Shows what lies behind a line. */
  onLine?: (line: number) => void;
  children: ReactNode;
};

/** A picture that answers a question, with its figures as a table for those who would rather read. */
export function Pictured({ asks, answer, heads, lines, onLine, children }: Props) {
  const [asTable, setAsTable] = useState(false);
  const id = `picture-${asks.replace(/\W+/g, '-')}`;
  const out = { title: asks, answer, id, table: { heads, lines, sums: [] } };
  return (
    <View className="gap-2">
      <View id={id} className="gap-2">
        <Heading level={2}>{answer}</Heading>
        {asTable ? (
          <View role="table" aria-label={asks} className="border border-line bg-surface p-3">
            <Line cells={heads} role="columnheader" />
            {lines.map((cells, i) => (
              <Line key={i} cells={cells} role="cell" {...(onLine ? { onPress: () => onLine(i) } : {})} />
            ))}
          </View>
        ) : (
          <View className="border border-line bg-surface px-1 py-3 lg:px-3">{children}</View>
        )}
      </View>
      <View className="-ml-3 flex-row flex-wrap">
        <Button
          label={asTable ? 'Show the picture' : 'Show the figures'}
          says={`${asTable ? 'Show the picture' : 'Show the figures'}: ${asks}`}
          kind="quiet"
          onPress={() => setAsTable(!asTable)}
        />
        {!asTable && (
          <Button
            label="Take it out…"
            says={`Take it out…: ${asks}`}
            kind="quiet"
            onPress={() => openPanel({ kind: 'pictureOut', ...out })}
          />
        )}
      </View>
    </View>
  );
}

type LineProps = { cells: readonly string[]; role: 'columnheader' | 'cell'; onPress?: () => void };

/** A line of the table; its first cell leads to what lies behind it. */
function Line({ cells, role, onPress }: LineProps) {
  const [name = '', ...figures] = cells;
  return (
    <View role="row" className="min-h-[28px] flex-row items-center gap-2 border-b border-line">
      <View role={role} className="flex-[2]">
        {onPress ? (
          <Pressable role="button" onPress={onPress} className="min-h-[44px] justify-center hover:bg-sunken">
            <Words size="xs" face="strong">
              {name}
            </Words>
          </Pressable>
        ) : (
          <Words size="xs" face={role === 'cell' ? 'text' : 'strong'}>
            {name}
          </Words>
        )}
      </View>
      {figures.map((figure, i) => (
        <View key={i} role={role} className="flex-1 items-end">
          <Words size="xs" face={role === 'cell' ? 'text' : 'strong'}>
            {figure}
          </Words>
        </View>
      ))}
    </View>
  );
}
