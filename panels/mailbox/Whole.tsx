import { useEffect, useState } from 'react';
import { readMail } from '@/actions/outside/mailActs';
import type { MailHead } from '@/core/outside/mailbox';
import { Words } from '@/ui/Words';
import { MessageText } from '../parts/MessageText';

type Read = Awaited<ReturnType<typeof readMail>>;

/** A message of the mailbox, read whole. */
export function Whole({ head }: { head: MailHead }) {
  const [read, setRead] = useState<{ readonly message: Read }>();
  useEffect(() => {
    let isOver = false;
    void readMail(head).then((message) => {
      if (!isOver) setRead({ message });
    });
    return () => void (isOver = true);
    // the same message, whatever is marked on it
    // eslint-disable-next-line react-hooks/exhaustive-deps -- see above
  }, [head.id]);
  if (!read) return <Words aria-busy>Reading it…</Words>;
  if (!read.message) return <Words tone="soft">It could not be read.</Words>;
  return <MessageText message={read.message} />;
}
