import { later, useLater } from '@/ui/later';
import { UntilLoaded } from '@/ui/UntilLoaded';
import { Words } from '@/ui/Words';

const purifying = later(() => import('./harmless'));

type Props = { message: { readonly html: string | null; readonly text: string } };

/** What a message says, as it came: its HTML made harmless, else its text. */
export const MessageText = ({ message: { html, text } }: Props) =>
  html === null ? (
    <Words className="select-text whitespace-pre-wrap">{text}</Words>
  ) : (
    <UntilLoaded>
      <Page html={html} />
    </UntilLoaded>
  );

function Page({ html }: { html: string }) {
  const { harmless } = useLater(purifying);
  return (
    <>
      <iframe
        title="The message"
        sandbox=""
        srcDoc={harmless(html)}
        className="bg-white h-[60vh] w-full rounded-lg border border-line"
      />
      <Words size="xs" tone="soft">
        Pictures from elsewhere are not loaded, and nothing in it runs.
      </Words>
    </>
  );
}
