import { DomUtils, parseDocument } from 'htmlparser2';

/** What WebDAV and CalDAV call their names (RFC 4918, RFC 4791). */
export const DAV = 'DAV:';
export const CALDAV = 'urn:ietf:params:xml:ns:caldav';

const escapes: Readonly<Record<string, string>> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' };

export const xmlText = (text: string): string => text.replace(/[&<>"]/g, (sign) => escapes[sign] ?? sign);

/** An element, by its name with the prefix of the whole document (`d:` or `c:`); its content is XML already. */
export const element = (name: string, content = ''): string =>
  content === '' ? `<${name}/>` : `<${name}>${content}</${name}>`;

/** A document whose prefixes are `d:` for WebDAV and `c:` for CalDAV. */
export const xmlDocument = (name: string, content: string): string =>
  `<?xml version="1.0" encoding="utf-8"?>\n<${name} xmlns:d="${DAV}" xmlns:c="${CALDAV}">${content}</${name}>`;

/** An element that was sent: its name without prefix, the names in it, and text. */
export type Sent = { readonly name: string; readonly text: string; readonly parts: readonly Sent[] };

const bare = (name: string) => name.slice(name.indexOf(':') + 1).toLowerCase();

type Node = ReturnType<typeof parseDocument>['children'][number];

const sent = (node: Node): Sent[] =>
  DomUtils.isTag(node)
    ? [
        {
          name: bare(node.name),
          text: DomUtils.textContent(node).trim(),
          parts: node.children.flatMap(sent),
        },
      ]
    : [];

/** The document element of XML that was sent; undefined where there is none. */
export const readXml = (text: string): Sent | undefined =>
  parseDocument(text, { xmlMode: true }).children.flatMap(sent)[0];

export const partNamed = ({ parts }: Sent, name: string): Sent | undefined =>
  parts.find((part) => part.name === name);
