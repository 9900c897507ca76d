import type { Occurrence } from '@/core/calendar/occurrences';
import type { Block } from '@/core/model/plan';
import type { Span } from '@/core/time/span';

/** A meeting or a block on the strip. */
export type Item = Span & ({ readonly meeting: Occurrence } | { readonly block: Block });
