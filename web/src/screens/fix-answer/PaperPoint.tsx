import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import { Choose } from '../papers/Choose';
import { useUpload } from '../papers/upload';

type Props = { claim: string; point: Schemas['Point']; onSent: () => void };

/** A point that is answered by a paper: sent here, at once. */
export function PaperPoint({ claim, point, onSent }: Props) {
  const { t } = useTranslation();
  const [, kind = 'OTHER', subject = ''] = point.path.split('/');
  const { sending, sent, send, busy } = useUpload(claim, { kind, subject }, onSent);
  return (
    <div>
      <ul aria-live="polite">
        {sent.map((name) => (
          <li key={name} className="text-success">
            ✓ {name}
          </li>
        ))}
        {sending.map((each) => (
          <li key={each.key}>
            <span className="break-all">{each.name}</span>{' '}
            {each.problem === undefined ? (
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
        ))}
      </ul>
      <Choose title={point.title} busy={busy} onFiles={send} />
    </div>
  );
}
