import { useEffect, useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import { keptFiles } from '../../papers/keptFiles';
import { PickPicture } from './PickPicture';

type Props = {
  claim: string;
  mine: Schemas['MyIdentity'];
  onFile: (file: File, documentType: string) => void;
};

/** One more document: first which kind it is, then its picture. Asked first for what is still missing. */
export function AddDocument({ claim, mine, onFile }: Props) {
  const { t } = useTranslation();
  const [kind, setKind] = useState<string>();
  const place = `${claim}/identity-chosen`;
  useEffect(() => {
    void keptFiles(place).then(([before]) => before && setKind(before.place.slice(place.length + 1)));
  }, [place]);
  const open = (needed: 'PHOTO' | 'SECOND') =>
    mine.checklist.some((each) => each.needed === needed && each.progress === 'OPEN');
  const first = open('PHOTO') ? 'PHOTO' : open('SECOND') ? 'SECOND' : undefined;
  const [wanted, setWanted] = useState<'PHOTO' | 'SECOND' | 'DEED'>();
  const group = wanted ?? first;
  if (kind)
    return (
      <PickPicture
        title={t(`who.type.${kind as 'PASSPORT'}`)}
        place={`${place}/${kind}`}
        onCancel={() => setKind(undefined)}
        onPicture={(file) => {
          onFile(file, kind);
          setKind(undefined);
          setWanted(undefined);
        }}
      />
    );
  return (
    <section className="sheet p-5" aria-label={t('who.add.title')}>
      {group === undefined || group === 'DEED' ? (
        <h2 className="text-lg">{t('who.add.more')}</h2>
      ) : (
        <>
          <h2 className="text-lg">{t(`who.add.${group}`)}</h2>
          <ul className="mt-2 grid gap-2 sm:grid-cols-2">
            {mine.counts
              .filter((each) => each.category === group)
              .map((each) => (
                <li key={each.code}>
                  <button
                    type="button"
                    className="btn btn-outline h-auto min-h-12 w-full justify-start text-start font-normal"
                    onClick={() => setKind(each.code)}
                  >
                    {t(`who.type.${each.code as 'PASSPORT'}`)}
                  </button>
                </li>
              ))}
          </ul>
        </>
      )}
      <p className="mt-3 flex flex-wrap gap-x-5">
        {(['PHOTO', 'SECOND'] as const)
          .filter((each) => each !== group)
          .map((each) => (
            <button
              key={each}
              type="button"
              className="min-h-11 cursor-pointer font-semibold text-primary"
              onClick={() => setWanted(each)}
            >
              {t(`who.add.or.${each}`)}
            </button>
          ))}
        <button
          type="button"
          className="min-h-11 cursor-pointer font-semibold text-primary"
          onClick={() => setKind('NAME_DEED')}
        >
          {t('who.add.or.DEED')}
        </button>
      </p>
    </section>
  );
}
