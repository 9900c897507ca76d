import { findingLine } from '@/core/plan/findingWords';
import type { Finding } from '@/core/plan/judge';
import { Words } from '@/ui/Words';

/** What a placement means, a line each; nothing when it is good. That it lies in another zone is a quiet word. */
export const Findings = ({ findings }: { findings: readonly Finding[] }) =>
  findings.map((finding) => {
    const line = findingLine(finding);
    const quiet = finding.kind === 'inZone';
    return (
      <Words key={line} size="xs" tone={quiet ? 'soft' : 'brick'} face={quiet ? 'text' : 'strong'}>
        {line}
      </Words>
    );
  });
