import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Choose } from '../../papers/Choose';
import { isPicture } from '../../papers/prepare';
import { LookOver } from './LookOver';

type Props = {
  title: string;
  onPicture: (file: File) => void;
  onCancel: () => void;
};

/** A picture taken with the camera or chosen, looked over before it is sent; a PDF goes as it is. */
export function PickPicture({ title, onPicture, onCancel }: Props) {
  const { t } = useTranslation();
  const [file, setFile] = useState<File>();
  const picked = (files: File[]) => {
    const one = files[0];
    if (!one) return;
    if (isPicture(one)) setFile(one);
    else onPicture(one);
  };
  return (
    <section className="sheet border-s-4 border-s-primary p-5" aria-label={title}>
      <h2 className="text-lg">{title}</h2>
      {file ? (
        <LookOver
          key={file.name + file.lastModified}
          file={file}
          onUse={onPicture}
          onAgain={() => setFile(undefined)}
        />
      ) : (
        <>
          <Choose title={title} busy={false} onFiles={picked} single />
          <button
            type="button"
            className="mt-3 min-h-11 cursor-pointer font-semibold text-primary"
            onClick={onCancel}
          >
            {t('who.pick.other')}
          </button>
        </>
      )}
    </section>
  );
}
