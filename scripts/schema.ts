import { writeFileSync } from 'node:fs';
import path from 'node:path';
import { workspaceSchema } from '@/core/formats/workspaceFile';

/** `npm run schema`: writes the JSON Schema of the workspace file, for those who read it with other programs. */
writeFileSync(
  path.join(__dirname, '../docs/workspace.schema.json'),
  `${JSON.stringify(workspaceSchema(), null, 2)}\n`,
);
