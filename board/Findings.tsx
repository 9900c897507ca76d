import { findingLine } from '@/core/plan/findingWords';
import type { Finding } from '@/core/plan/judge';
import { Words } from '@/ui/Words';

/** What a placement means, a line each; nothing when it is good. */
export const Findings = ({ findings }: { findings: readonly Finding[] }) =>
  findings.map(findingLine).map((line) => (
    <Words key={line} size="xs" tone="brick" face="strong">
      {line}
    </Words>
  ));
