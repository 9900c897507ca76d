import { Hono } from 'hono';
import { html } from 'hono/html';
import { wallOf, type Zone } from '../../../core/time/zone';
import { account } from '../caldav';
import { isFault, type Fault } from '../faults';
import { faultForm, press } from '../page';
import { ADDRESS } from './methods';
import type { Mailbox } from './mailbox';
import type { Post } from './post';

const acts = [
  ['later', 'An hour later'],
  ['cancel', 'Call off'],
  ['agree', 'Take the first time proposed'],
  ['refuse', 'Refuse what is proposed'],
  ['add', 'One more time, the day after'],
  ['again', 'Send once more'],
] as const;

const SOMEBODY = { name: 'Lena Fisk', address: 'lena@fisheries.example' };

type Means = {
  readonly box: Mailbox;
  readonly post: Post;
  readonly zone: Zone;
  readonly fault: Fault;
  readonly address: string;
};

/** What the page of the town has about the mailbox: what is asked for and answered, what lies in it, and playing the other side. */
export const mailPage = ({ box, post, zone, fault, address }: Means) => html`
  <section id="mail">
    <h2>Mailbox of ${ADDRESS}</h2>
    <p>
      <code>${address}/.well-known/jmap</code>, as ${account.username} with the password ${account.password}
      (JMAP)
    </p>
    ${faultForm('mail', fault)}
    <p>What others ask Petra for, and what she answered:</p>
    <ul>
      ${post.asked().map(
        ({ uid, title, by, start, minutes, answer }) =>
          html`<li>
            ${wallOf(start, zone).slice(0, 16).replace('T', ' ')}, ${minutes} minutes
            <strong>${title}</strong> (${by.name}): ${answer}<br />
            ${acts.map(([how, label]) => press(`/play/mail/asked/${encodeURIComponent(uid)}/${how}`, label, title))}
          </li>`,
      )}
    </ul>
    <form method="post" action="/play/mail/ask">
      <label>Ask for an hour, called <input name="title" required /></label>
      <label>in so many working days <input name="inDays" type="number" value="1" min="0" max="60" /></label>
      <label>at <input name="at" type="time" value="14:00" /></label>
      <button>Ask</button>
    </form>
    <form method="post" action="/play/mail/write">
      <label>Write to her about <input name="subject" required /></label>
      <label>saying <input name="text" required /></label>
      <button>Write</button>
    </form>
    ${press('/play/mail/answer', 'Let those answer whom she invited', 'now')}
    <p>What lies in it:</p>
    <ul>
      ${box
        .all()
        .map(
          ({ read, folder, keywords }) =>
            html`<li>
              ${folder}: <strong>${read.subject}</strong>, ${read.from?.address} ${[...keywords].join(' ')}
            </li>`,
        )}
    </ul>
  </section>
`;

/** Playing the other side of the mailbox. */
export function mailPlays(post: Post, setFault: (fault: Fault) => void) {
  const app = new Hono();
  const back = '/#mail';
  app.post('/fault', async (c) => {
    const { fault } = await c.req.parseBody();
    if (typeof fault === 'string' && isFault(fault)) setFault(fault);
    return c.redirect(back, 303);
  });
  app.post('/ask', async (c) => {
    const { title, inDays = '1', at = '14:00' } = await c.req.parseBody();
    await post.ask(SOMEBODY, String(title).slice(0, 200), post.at(Number(inDays), String(at)), 60);
    return c.redirect(back, 303);
  });
  app.post('/write', async (c) => {
    const { subject, text } = await c.req.parseBody();
    await post.write(SOMEBODY, String(subject).slice(0, 200), String(text).slice(0, 5000));
    return c.redirect(back, 303);
  });
  app.post('/answer', async (c) => {
    await post.answerDue(true);
    return c.redirect(back, 303);
  });
  app.post('/asked/:uid/:how', async (c) => {
    const { uid, how } = c.req.param();
    const asking = post.get(uid);
    if (asking && Object.hasOwn(post.plays, how)) await post.plays[how]?.(asking);
    return c.redirect(back, 303);
  });
  return app;
}
