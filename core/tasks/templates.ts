import type { Template } from '../model/template';
import type { Workspace } from '../model/workspace';
import { inRank } from './order';
import { plainName } from '../model/names';

/** The template that goes by a name, however it is spelt in capitals. */
export const templateNamed = (
  { templates }: Pick<Workspace, 'templates'>,
  name: string,
): Template | undefined => inRank(templates).find((template) => plainName(template.name) === plainName(name));
