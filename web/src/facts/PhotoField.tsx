import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useTranslation } from 'react-i18next';
import ReactCrop, { centerCrop, makeAspectCrop, type PercentCrop } from 'react-image-crop';
import 'react-image-crop/dist/ReactCrop.css';
import { useParams } from 'react-router';
import { detailOf, ownHeaders } from '../api/client';
import { DayField } from '../components/DayField';
import { Press } from '../components/Press';
import { Problem } from '../components/Problem';
import { Choose } from '../papers/Choose';
import { prepared } from '../papers/prepare';
import { takenOn } from '../papers/takenOn';
import { useCropLabels } from '../papers/useCropLabels';
import { type Given, isRecord } from './shapes';

/** Of a picture with fewer dots in its height nothing is cut off unless one wants to. */
const SMALL = 1000;
/** As wide for its height as a passport's photo: 35 by 45 mm. */
const SHAPE = 35 / 45;
const LONGEST = 1062;

type Props = {
  id: string;
  label: string;
  error?: string | null;
  value: unknown;
  onChange: (photo: Given | undefined) => void;
};

/** A photo of whoever applies: chosen, cropped to the right shape with a frame for the face, and sent; and its day. */
export function PhotoField({ id, label, error, value, onChange }: Props) {
  const { t } = useTranslation();
  const { programme = '' } = useParams();
  const queries = useQueryClient();
  const [file, setFile] = useState<File>();
  const [version, setVersion] = useState(0);
  const [noted, setNoted] = useState(false);
  const said = isRecord(value) ? value : {};
  const chosen = async (photo: File | undefined) => {
    setFile(photo);
    const day = photo && (await takenOn(photo));
    setNoted(day !== undefined);
    if (day) onChange({ takenOn: day });
  };
  const address = `/api/drafts/photo/${programme}`;
  const send = useMutation({
    mutationFn: async (photo: File) => {
      const answer = await fetch(address, {
        method: 'PUT',
        headers: { 'Content-Type': 'application/octet-stream', ...ownHeaders() },
        body: photo,
      });
      if (!answer.ok) throw new Error(detailOf(await answer.text()));
    },
    onSuccess: () => {
      setFile(undefined);
      setVersion(version + 1);
      void queries.invalidateQueries({ queryKey: ['draft'] });
    },
  });
  return (
    <fieldset id={id} tabIndex={-1} className="space-y-4">
      <legend className="mb-1 font-semibold">{label}</legend>
      {error && <p className="font-semibold text-error">{error}</p>}
      {file ? (
        <Crop
          key={file.name + file.lastModified}
          file={file}
          busy={send.isPending}
          onUse={(photo) => send.mutate(photo)}
          onAgain={() => setFile(undefined)}
        />
      ) : (
        <>
          <Here address={`${address}?${version}`} />
          <Choose title={label} busy={send.isPending} onFiles={(files) => void chosen(files[0])} single />
        </>
      )}
      <Problem of={send.error} />
      <DayField
        id={`${id}/takenOn`}
        label={t('facts.photoTaken')}
        hint={noted ? t('facts.photoNoted') : null}
        value={String(said.takenOn ?? '')}
        onChange={(takenOn) => onChange(takenOn ? { takenOn } : undefined)}
      />
    </fieldset>
  );
}

/** The photo that is there, if there is one. */
function Here({ address }: { address: string }) {
  const { t } = useTranslation();
  const [there, setThere] = useState(true);
  return there ? (
    <img
      src={address}
      alt={t('facts.photoHere')}
      className="h-56 w-auto border border-base-300"
      onError={() => setThere(false)}
    />
  ) : (
    <p className="quiet">{t('facts.noPhoto')}</p>
  );
}

type CropProps = { file: File; busy: boolean; onUse: (photo: File) => void; onAgain: () => void };

function Crop({ file, busy, onUse, onAgain }: CropProps) {
  const { t } = useTranslation();
  const labels = useCropLabels();
  const [quarters, setQuarters] = useState(0);
  const [crop, setCrop] = useState<PercentCrop>();
  const [shown, setShown] = useState('');
  const [unreadable, setUnreadable] = useState(false);
  useEffect(() => {
    let address = '';
    void prepared(file, quarters, undefined).then(
      (turned) => {
        address = URL.createObjectURL(turned);
        setShown(address);
      },
      () => setUnreadable(true),
    );
    return () => URL.revokeObjectURL(address);
  }, [file, quarters]);
  const part = crop && {
    x: crop.x / 100,
    y: crop.y / 100,
    width: crop.width / 100,
    height: crop.height / 100,
  };
  const use = async () => onUse(await prepared(file, quarters, part, LONGEST));
  if (unreadable)
    return (
      <div role="alert">
        <p className="font-semibold text-error">{t('who.look.unreadable')}</p>
        <button
          type="button"
          className="min-h-11 cursor-pointer font-semibold text-primary"
          onClick={onAgain}
        >
          {t('who.look.again')}
        </button>
      </div>
    );
  return (
    <div>
      <p className="quiet mb-2">{t('facts.photoFrame')}</p>
      {shown && (
        <ReactCrop
          className="ReactCrop--no-animate"
          aspect={SHAPE}
          keepSelection
          crop={crop}
          onChange={(_, now) => setCrop(now)}
          renderSelectionAddon={() => (
            <span
              aria-hidden="true"
              className="pointer-events-none absolute inset-x-[18%] top-[10%] bottom-[20%] rounded-[50%] border-2 border-dashed border-white"
            />
          )}
          ariaLabels={labels}
        >
          <img
            src={shown}
            alt={t('who.look.picture')}
            className="max-h-[26.25rem] w-auto"
            onLoad={({ currentTarget: { width, height, naturalHeight } }) =>
              setCrop(
                centerCrop(
                  makeAspectCrop(
                    { unit: '%', height: naturalHeight < SMALL ? 100 : 90 },
                    SHAPE,
                    width,
                    height,
                  ),
                  width,
                  height,
                ) as PercentCrop,
              )
            }
          />
        </ReactCrop>
      )}
      <div className="mt-3 flex flex-wrap items-center gap-4">
        <Press
          type="button"
          className="btn btn-primary h-auto min-h-12"
          busy={busy || !crop}
          onClick={() => void use()}
        >
          {t('facts.photoUse')}
        </Press>
        <button
          type="button"
          className="btn btn-outline btn-primary h-auto min-h-12"
          onClick={() => setQuarters((quarters + 1) % 4)}
        >
          {t('who.look.turn')}
        </button>
        <button
          type="button"
          className="min-h-11 cursor-pointer font-semibold text-primary"
          onClick={onAgain}
        >
          {t('who.look.again')}
        </button>
      </div>
    </div>
  );
}
