import { useState } from 'react';
import { useTranslation } from 'react-i18next';

/** The photo that came with a claim; nothing where none did. */
export function ClaimPhoto({ claim }: { claim: string }) {
  const { t } = useTranslation();
  const [there, setThere] = useState(true);
  return there ? (
    <img
      src={`/api/claims/${claim}/photo`}
      alt={t('desk.photo')}
      className="m-4 h-44 w-auto border border-base-300"
      onError={() => setThere(false)}
    />
  ) : null;
}
