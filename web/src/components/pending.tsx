import i18next from 'i18next';
import { Page } from './Page';
import { Problem } from './Problem';

/**
 * A page whose contents are on their way; or why they cannot be shown, under a heading. It is the page itself, not
 * something around it, so that the page that follows takes its place and what was typed into its bar stays.
 */
export function pending(error: unknown) {
  const title = i18next.t(error ? 'notShown' : 'loading');
  return (
    <Page title={title} waiting={!error}>
      {error ? <h1 className="text-3xl">{title}</h1> : title}
      <Problem of={error} />
    </Page>
  );
}
