import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { Heading, Words } from '@/ui/Words';

type Props = {
  /** The question that the picture asks, in a word or two, and its answer. */
  asks: string;
  answer: string;
  /** Its figures: the names of the columns, then line by line. */
  heads: readonly string[];
  lines: readonly (readonly string[])[];
  children: ReactNode;
};

/** A picture that answers a question, with its figures as a table for those who would rather read. */
export function Pictured({ asks, answer, heads, lines, children }: Props) {
  const [asTable, setAsTable] = useState(false);
  return (
    <View className="gap-2">
      <Heading level={2}>{answer}</Heading>
      {asTable ? (
        <View role="table" aria-label={asks} className="border border-line bg-surface p-3">
          {[heads, ...lines].map((line, i) => (
            <View key={line[0]} role="row" className="flex-row gap-2 border-b border-line py-1">
              {line.map((cell, j) => (
                <View
                  key={heads[j]}
                  role={i === 0 ? 'columnheader' : 'cell'}
                  className={j === 0 ? 'flex-[2]' : 'flex-1 items-end'}
                >
                  <Words size="xs" face={i === 0 ? 'strong' : 'text'}>
                    {cell}
                  </Words>
                </View>
              ))}
            </View>
          ))}
        </View>
      ) : (
        <View className="border border-line bg-surface px-1 py-3 lg:px-3">{children}</View>
      )}
      <View className="-ml-3 flex-row">
        <Button
          label={asTable ? 'Show the picture' : 'Show the figures'}
          says={`${asTable ? 'Show the picture' : 'Show the figures'}: ${asks}`}
          kind="quiet"
          onPress={() => setAsTable(!asTable)}
        />
      </View>
    </View>
  );
}
