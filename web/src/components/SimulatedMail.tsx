import { useTranslation } from 'react-i18next';
import { useSession } from '../api/session';

/** Where what was sent can be read while mail is simulated; nothing where it is carried. */
export function SimulatedMail({ to }: { to: string }) {
  const { t } = useTranslation();
  const mailbox = useSession().data?.mailbox;
  if (!mailbox) return null;
  return (
    <div className="quiet border-s-4 border-base-300 ps-3 text-sm">
      <p>{t('mailbox.words')}</p>
      <a
        href={`${mailbox}?of=${encodeURIComponent(to)}`}
        target="_blank"
        rel="noreferrer"
        className="inline-flex min-h-11 items-center"
      >
        {t('mailbox.open')}
      </a>
    </div>
  );
}
