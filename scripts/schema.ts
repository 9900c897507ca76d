import { writeFileSync } from 'node:fs';
import path from 'node:path';
import { toJSONSchema } from 'zod/mini';
import { WorkspaceFile } from '@/core/formats/workspaceFile';

/**
 * `npm run schema`: writes the JSON Schema (draft 2020-12) of the workspace file, drawn from the schemas that the program
 * itself reads with, for those who read it with other programs.
 */
writeFileSync(
  path.join(__dirname, '../docs/workspace.schema.json'),
  `${JSON.stringify(toJSONSchema(WorkspaceFile), null, 2)}\n`,
);
