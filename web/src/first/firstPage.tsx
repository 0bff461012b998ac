import { QueryClient } from '@tanstack/react-query';
import { renderToString } from 'react-dom/server';
import { StaticRouter } from 'react-router';
import { Root } from '../app/Root';
import i18next from '../i18n';

const PATTERN = { id: '{id}', name: '{name}', purpose: '{purpose}', askFor: '', atHand: [], toKnow: [] };
const ROOT = '<div id="root"></div>';
/** What is shown comes before what makes it work. */
const SCRIPTS = /\n *(<script type="module"|<link rel="modulepreload")(.*)/g;
const ROW = /<li(?:(?!<li).)*?\{purpose\}.*?<\/li>/;

/**
 * The first page as it is before any script has come, so that a slow phone shows it and its links lead on at once. What
 * there is to apply for is the server's to say: one row stands as a pattern between two marks, and the server repeats
 * it and tells the screen the same where it stands `{told}`.
 *
 * @param empty the built page with nothing in its root
 */
export function firstPage(empty: string): string {
  const queries = new QueryClient();
  queries.setQueryData(['programmes'], [PATTERN]);
  const screen = renderToString(
    <Root queries={queries} router={(screens) => <StaticRouter location="/">{screens}</StaticRouter>} />,
  );
  if (!ROW.test(screen) || !empty.includes(ROOT)) throw new Error('The first page has no row to repeat.');
  const root = `<div id="root">${screen.replace(ROW, '<!-- offer -->$&<!-- /offer -->')}</div>`;
  const scripts = [...empty.matchAll(SCRIPTS)].map(
    ([, tag, more]) => `\n    ${tag} fetchpriority="low"${more}`,
  );
  return empty
    .replace(SCRIPTS, '')
    .replace(
      ROOT,
      () => `${root}\n    <script type="application/json" id="told">{told}</script>${scripts.join('')}`,
    )
    .replace(/<title>.*<\/title>/, () => `<title>${i18next.t('home.title')} · Civitane</title>`);
}
