import { useTranslation } from 'react-i18next';
import type { Schemas } from '../api/client';

/** Where the money of a claim goes, once it is known. */
export function GoesTo({ following }: { following: Schemas['Following'] }) {
  const { t } = useTranslation();
  const { account, postalOrder, holder } = following;
  if (account) return <p>{t('payments.goesTo', { account, holder })}</p>;
  return postalOrder ? <p>{t('payments.byPostTo', { holder, address: postalOrder })}</p> : null;
}
