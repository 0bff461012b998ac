import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useTranslation } from 'react-i18next';
import ReactCrop, { type PercentCrop } from 'react-image-crop';
import { Press } from '../../components/Press';
import 'react-image-crop/dist/ReactCrop.css';
import { looked, type Part, prepared } from '../../papers/prepare';
import { useCropLabels } from '../../papers/useCropLabels';

const PREVIEW = 1200;

type Props = { file: File; onUse: (file: File) => void; onAgain: () => void };

/** A picture before it is sent: turned, cropped, and what is seen of it at once: sharp, bright, whole, not glaring. */
export function LookOver({ file, onUse, onAgain }: Props) {
  const { t } = useTranslation();
  const labels = useCropLabels();
  const [quarters, setQuarters] = useState(0);
  const [cutting, setCutting] = useState(false);
  const [crop, setCrop] = useState<PercentCrop>();
  const part = cutting ? partOf(crop) : undefined;
  const shown = useShown(file, quarters);
  const seen = useQuery({
    queryKey: ['picture', file.name, file.size, file.lastModified, quarters, part],
    queryFn: () => looked(file, quarters, part),
    retry: false,
  });
  const use = async () => onUse(await prepared(file, quarters, part));
  const link = 'min-h-11 cursor-pointer font-semibold text-primary';
  return (
    <div className="mt-3">
      {shown &&
        (cutting ? (
          <ReactCrop
            className="ReactCrop--no-animate"
            crop={crop}
            onChange={(_, now) => setCrop(now)}
            ruleOfThirds
            ariaLabels={labels}
          >
            <img src={shown} alt={t('who.look.picture')} className="max-h-[26.25rem] w-auto" />
          </ReactCrop>
        ) : (
          <img
            src={shown}
            alt={t('who.look.picture')}
            className="max-h-[26.25rem] max-w-full border border-base-300"
          />
        ))}
      <div className="mt-2 flex flex-wrap gap-x-5">
        <button
          type="button"
          className={link}
          onClick={() => {
            setQuarters((quarters + 1) % 4);
            setCrop(undefined);
          }}
        >
          {t('who.look.turn')}
        </button>
        <button
          type="button"
          className={link}
          onClick={() => {
            setCutting(!cutting);
            setCrop({ unit: '%', x: 5, y: 5, width: 90, height: 90 });
          }}
        >
          {cutting ? t('who.look.whole') : t('who.look.crop')}
        </button>
      </div>
      <div aria-live="polite">
        {seen.isError && <p className="mt-2 font-semibold text-error">{t('who.look.unreadable')}</p>}
        {seen.data?.length === 0 && (
          <p className="mt-2 font-semibold text-success">
            <span aria-hidden="true">✓ </span>
            {t('who.look.good')}
          </p>
        )}
        <ul className="mt-2 space-y-1">
          {seen.data?.map((each) => (
            <li key={each} className="font-semibold text-warning">
              <span aria-hidden="true">◆ </span>
              {t(`who.look.${each}`)}
            </li>
          ))}
        </ul>
      </div>
      <div className="mt-3 flex flex-wrap gap-4">
        <Press
          type="button"
          className="btn btn-primary h-auto min-h-12"
          busy={seen.isPending}
          onClick={() => void use()}
        >
          {seen.data?.length ? t('who.look.useAnyway') : t('who.look.use')}
        </Press>
        <button type="button" className="btn btn-outline btn-primary h-auto min-h-12" onClick={onAgain}>
          {t('who.look.again')}
        </button>
      </div>
    </div>
  );
}

function partOf(crop: PercentCrop | undefined): Part | undefined {
  return crop && crop.width > 0 && crop.height > 0
    ? { x: crop.x / 100, y: crop.y / 100, width: crop.width / 100, height: crop.height / 100 }
    : undefined;
}

/** The picture turned, as an address that can be shown. */
function useShown(file: File, quarters: number): string | undefined {
  const [address, setAddress] = useState<string>();
  useEffect(() => {
    let made = '';
    let left = false;
    void prepared(file, quarters, undefined, PREVIEW).then(
      (picture) => {
        if (left) return;
        made = URL.createObjectURL(picture);
        setAddress(made);
      },
      () => setAddress(undefined),
    );
    return () => {
      left = true;
      if (made) URL.revokeObjectURL(made);
    };
  }, [file, quarters]);
  return address;
}
