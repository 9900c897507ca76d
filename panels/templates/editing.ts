import type { editTemplate } from '@/core/commands/templates';
import type { Template } from '@/core/model/template';

/** A template, and how it is changed; what is refused is given back in words. */
export type Editing = {
  readonly template: Template;
  readonly edit: (changes: Omit<Parameters<typeof editTemplate.apply>[1], 'id'>) => boolean | string | void;
};
