import { useTranslation } from 'react-i18next';
import { Page } from './Page';
import { Problem } from './Problem';

/** A page whose contents are on their way; or why they cannot be shown, under a heading. */
export function Pending({ error }: { error: unknown }) {
  const { t } = useTranslation();
  const title = t(error ? 'notShown' : 'loading');
  return (
    <Page title={title}>
      {error ? <h1 className="text-3xl">{title}</h1> : title}
      <Problem of={error} />
    </Page>
  );
}
