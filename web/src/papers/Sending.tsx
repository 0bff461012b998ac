import { useTranslation } from 'react-i18next';
import type { useUpload } from './upload';

type Props = { uploads: ReturnType<typeof useUpload>['sending'] };

/** Papers on their way, as items of a list: how far each is, or why it did not arrive. */
export function Sending({ uploads }: Props) {
  const { t } = useTranslation();
  return uploads.map((each) => (
    <li key={each.key} aria-live="polite">
      <span className="break-all">{each.name}</span>{' '}
      {each.waits ? (
        <span className="font-semibold text-warning">
          <span aria-hidden="true">◈ </span>
          {t('papers.waits')}
        </span>
      ) : each.problem === undefined ? (
        <progress
          className="progress progress-primary w-40 align-middle"
          value={each.share}
          max={1}
          aria-label={t('papers.sending', { name: each.name })}
        />
      ) : (
        <span className="font-semibold text-error">{each.problem || t('papers.failed')}</span>
      )}
    </li>
  ));
}
