import { base64Of } from '@/core/formats/bytes';
import type { Outcome } from '@/core/outside/feed';

/** Who asks, and where. */
export type Credentials = { readonly server: string; readonly username: string; readonly password: string };

/** Nothing came of asking a service. */
export class Unanswered extends Error {
  constructor(readonly outcome: Outcome) {
    super(outcome.kind);
  }
}

/** Who asks, as HTTP says it (RFC 7617). */
export const basic = ({ username, password }: Credentials): string =>
  `Basic ${base64Of(new TextEncoder().encode(`${username}:${password}`))}`;
