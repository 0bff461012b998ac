import type { Schemas } from '../../api/client';
import { Choose } from '../../papers/Choose';
import { Sending } from '../../papers/Sending';
import { useUpload } from '../../papers/upload';

type Props = { claim: string; point: Schemas['Point']; onSent: () => void };

/** A point that is answered by a paper: sent here, at once. */
export function PaperPoint({ claim, point, onSent }: Props) {
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
        <Sending uploads={sending} />
      </ul>
      <Choose title={point.title} busy={busy} onFiles={send} />
    </div>
  );
}
