import { useEffect, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Choose } from '../../papers/Choose';
import { forgetFile, type KeptFile, keepFile, keptFiles } from '../../papers/keptFiles';
import { isPicture } from '../../papers/prepare';
import { LookOver } from './LookOver';

type Props = {
  title: string;
  /** What the picture is for, made of codes: until it is used or given up it is kept there. */
  place: string;
  onPicture: (file: File) => void;
  onCancel: () => void;
};

/** A picture taken with the camera or chosen, looked over before it is sent; a PDF goes as it is. */
export function PickPicture({ title, place, onPicture, onCancel }: Props) {
  const { t } = useTranslation();
  const [chosen, setChosen] = useState<KeptFile>();
  useEffect(() => {
    void keptFiles(place).then(([before]) => before && setChosen(before));
  }, [place]);
  const picked = (files: File[]) => {
    const one = files[0];
    if (!one) return;
    if (isPicture(one)) void keepFile(place, one).then(setChosen);
    else onPicture(one);
  };
  const giveUp = () => {
    if (chosen) void forgetFile(chosen.key);
    setChosen(undefined);
  };
  return (
    <section className="sheet border-s-4 border-s-primary p-5" aria-label={title}>
      <h2 className="text-lg">{title}</h2>
      {chosen ? (
        <LookOver
          key={chosen.key}
          file={chosen.file}
          onUse={(picture) => {
            giveUp();
            onPicture(picture);
          }}
          onAgain={giveUp}
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
