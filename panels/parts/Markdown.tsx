import type { ComponentProps } from 'react';
import ReactMarkdown, { type Components } from 'react-markdown';
import remarkGfm from 'remark-gfm';
import { ticked } from '@/core/notes/marking';
import { Tick } from '@/ui/Tick';

type Props = { text: string; onChange: (text: string) => void };
type Item = ComponentProps<NonNullable<Extract<Components['li'], (props: never) => unknown>>>;

/**
 * Notes as they read. HTML within them is shown as text, addresses open elsewhere only when pressed, and pictures are named
 * instead of being fetched.
 */
export function Markdown({ text, onChange }: Props) {
  const item = ({ node, className = '', children }: Item) => {
    const at = node?.position?.start.offset;
    if (!className.includes('task-list-item') || at === undefined)
      return <li className="my-0.5">{children}</li>;
    const done = /^\s*\S+\s+\[[xX]\]/.test(text.slice(at));
    return (
      <li className="-ml-5 flex list-none items-start">
        <button
          type="button"
          role="checkbox"
          aria-checked={done}
          aria-label={`Ticked: ${
            text
              .slice(at)
              .split('\n')[0]
              ?.replace(/^.*?\]\s*/, '') ?? ''
          }`}
          onClick={() => onChange(ticked(text, at))}
          className="flex h-11 w-11 shrink-0 cursor-pointer items-center justify-center border-0 bg-transparent p-0"
        >
          <Tick ticked={done} look="done" size={18} />
        </button>
        <span className="pt-2.5">{children}</span>
      </li>
    );
  };
  return (
    <div className="break-words font-text text-sm leading-6 text-ink">
      <ReactMarkdown remarkPlugins={[remarkGfm]} components={{ ...elements, li: item }}>
        {text}
      </ReactMarkdown>
    </div>
  );
}

/** The heads of notes stand below those of the panel. */
const Head = ({ children }: ComponentProps<'h3'>) => (
  <h3 className="mb-1 mt-3 font-strong text-base text-ink">{children}</h3>
);

const elements: Components = {
  p: ({ children }) => <p className="my-1.5 whitespace-pre-wrap">{children}</p>,
  h1: Head,
  h2: Head,
  h3: Head,
  h4: Head,
  h5: Head,
  h6: Head,
  ul: ({ children }) => <ul className="my-1.5 list-disc pl-5">{children}</ul>,
  ol: ({ children, start }) => (
    <ol start={start} className="my-1.5 list-decimal pl-6">
      {children}
    </ol>
  ),
  strong: ({ children }) => <strong className="font-strong font-normal">{children}</strong>,
  a: ({ href, children }) => (
    <a href={href} target="_blank" rel="noopener noreferrer" className="text-pine underline">
      {children}
    </a>
  ),
  // its place is taken by a box that can be ticked
  input: () => null,
  img: ({ src, alt }) => (
    <a href={src?.toString()} target="_blank" rel="noopener noreferrer" className="text-pine underline">
      {alt || 'picture'}
    </a>
  ),
  code: ({ children }) => <code className="bg-sunken px-1 font-mono text-sm">{children}</code>,
  pre: ({ children }) => (
    <pre className="my-1.5 overflow-auto bg-sunken p-2 font-mono text-sm">{children}</pre>
  ),
  blockquote: ({ children }) => (
    <blockquote className="my-1.5 ml-0 border-0 border-l-4 border-solid border-line pl-3">
      {children}
    </blockquote>
  ),
  table: ({ children }) => (
    <div className="overflow-auto">
      <table className="my-1.5 border-collapse">{children}</table>
    </div>
  ),
  th: ({ children }) => <th className="border border-solid border-line px-2 py-1 text-left">{children}</th>,
  td: ({ children }) => <td className="border border-solid border-line px-2 py-1">{children}</td>,
};
