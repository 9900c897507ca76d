import type { Problem } from '@/core/formats/contentLines';
import { Problems } from './Problems';

/** What of a calendar could not be taken as it stands, by line; nothing where all was. */
export const LineProblems = ({ problems }: { problems: readonly Problem[] }) =>
  problems.length === 0 ? null : (
    <Problems
      heading={
        problems.length === 1
          ? 'One line could not be taken as it stands'
          : `${problems.length} lines could not be taken as they stand`
      }
      problems={problems.map(({ where, what, hint }) => ({ what: `Line ${where}: ${what}`, hint }))}
    />
  );
