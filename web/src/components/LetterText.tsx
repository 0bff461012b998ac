import { useEffect, useRef } from 'react';
import { useTranslation } from 'react-i18next';

/** Below the heading of the page and the one of the letter itself. */
const DEEPER: { [tag: string]: string } = { H1: 'h3', H2: 'h4' };

/** A letter as it will be read: what its PDF is made from, with text that can be selected and listened to. */
export function LetterText({ html }: { html: string | undefined }) {
  const { t } = useTranslation();
  const sheet = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (html) sheet.current?.replaceChildren(...pageOf(html));
  }, [html]);
  return (
    <div
      ref={sheet}
      className="letter sheet mx-auto mt-2 min-h-[42.5rem] w-full max-w-[51.25rem] px-10 py-8"
      aria-busy={!html}
    >
      <p className="quiet">{t('loading')}</p>
    </div>
  );
}

function pageOf(html: string): ChildNode[] {
  const page = new DOMParser().parseFromString(html, 'text/html');
  for (const heading of page.querySelectorAll('h1, h2')) {
    const deeper = page.createElement(DEEPER[heading.tagName] ?? 'h4');
    deeper.append(...heading.childNodes);
    heading.replaceWith(deeper);
  }
  return [...page.body.childNodes];
}
