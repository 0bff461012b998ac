import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { api, type Schemas, take } from '../../api/client';
import { TextField } from '../../components/Field';
import { momentText } from '../../i18n';

type Props = {
  claim: string;
  grid: Schemas['IdentityGrid'];
  column: Schemas['GridColumn'] | undefined;
  /** The field whose place is marked. */
  marked: string;
  onCompared: (words: string) => void;
};

/** The chosen document's pictures; beside them the other one with a photo, to compare by eye, and the zone decoded. */
export function Pictures({ claim, grid, column, marked, onCompared }: Props) {
  const { t } = useTranslation();
  const readings = useQuery({
    queryKey: ['readings', claim],
    queryFn: () => take(api.GET('/api/claims/{id}/readings', { params: { path: { id: claim } } })),
  });
  const other = grid.columns.find(
    (each) => each.category === 'PHOTO' && !each.original && each.paper !== column?.paper,
  );
  const beside = column?.category === 'PHOTO' ? other : undefined;
  const shown = [column, beside].filter((each) => each !== undefined && !each.original);
  const places = (paper: string) =>
    readings.data?.[paper]?.shown.filter((each) => each.page === 1 && each.place.width > 0) ?? [];
  return (
    <div className="mt-3 grid grid-cols-1 items-start gap-4 lg:grid-cols-2">
      {shown.flatMap((each) =>
        [each?.paper, each?.back].map(
          (paper) =>
            paper && (
              <Picture
                key={paper}
                address={`/api/claims/${claim}/papers/${paper}/picture`}
                title={t(`who.type.${each?.documentType as 'PASSPORT'}`, { defaultValue: '' })}
                places={places(paper)}
                marked={each?.paper === column?.paper ? marked : ''}
              />
            ),
        ),
      )}
      {column?.zone && <Zone zone={column.zone} />}
      {beside && <Compared grid={grid} onCompared={onCompared} />}
    </div>
  );
}

function Picture({
  address,
  title,
  places,
  marked,
}: {
  address: string;
  title: string;
  places: Schemas['ShownValue'][];
  marked: string;
}) {
  const { t } = useTranslation();
  return (
    <figure className="sheet relative overflow-hidden">
      <img src={address} alt={t('who.document.picture', { title })} className="block w-full" />
      {places
        .filter((each) => each.field === marked)
        .map((each) => (
          <span
            key={each.field}
            aria-hidden="true"
            className="absolute border-2 border-warning bg-warning/15"
            style={{
              left: `${each.place.left * 100}%`,
              top: `${each.place.top * 100}%`,
              width: `${each.place.width * 100}%`,
              height: `${each.place.height * 100}%`,
            }}
          />
        ))}
    </figure>
  );
}

/** The lines for machines, decoded, with every check digit right or wrong. */
function Zone({ zone }: { zone: Schemas['GridZone'] }) {
  const { t } = useTranslation();
  return (
    <section className="sheet p-3">
      <h2 className="!font-sans text-sm">{t('grid.zone.title')}</h2>
      <pre className="mt-1 overflow-x-auto text-[0.8125rem]">{zone.lines.join('\n')}</pre>
      {zone.fields.length === 0 ? (
        <p className="mt-2 text-error">
          <span aria-hidden="true">≠ </span>
          {t('grid.zone.misshapen')}
        </p>
      ) : (
        <>
          <p className="mt-2">
            {t('grid.zone.says', { name: zone.name, born: zone.born, expires: zone.expires })}
          </p>
          <ul className="mt-1 grid grid-cols-2 gap-x-4">
            {zone.fields.map((each) => (
              <li key={each.guarded} className={each.right ? 'text-success' : 'font-semibold text-error'}>
                <span aria-hidden="true">{each.right ? '✓' : '≠'} </span>
                {t(`grid.zone.${each.guarded}`)}{' '}
                <span className="quiet">
                  {t(each.right ? 'grid.zone.right' : 'grid.zone.wrong', { digit: each.digit })}
                </span>
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}

function Compared({
  grid,
  onCompared,
}: {
  grid: Schemas['IdentityGrid'];
  onCompared: (words: string) => void;
}) {
  const { t } = useTranslation();
  const [words, setWords] = useState('');
  return (
    <section className="sheet p-3">
      <h2 className="!font-sans text-sm">{t('grid.compared.title')}</h2>
      {grid.compared.map((each) => (
        <p key={each.at} className="mt-1">
          {each.words}{' '}
          <span className="quiet">
            · {each.by}, {momentText(each.at)}
          </span>
        </p>
      ))}
      {grid.mayWork && (
        <form
          className="mt-2 space-y-2"
          onSubmit={(event) => {
            event.preventDefault();
            onCompared(words);
            setWords('');
          }}
        >
          <TextField label={t('grid.compared.words')} value={words} onChange={setWords} />
          <button
            type="submit"
            className="btn btn-outline btn-primary h-auto min-h-9 "
            disabled={!words.trim()}
          >
            {t('grid.compared.do')}
          </button>
        </form>
      )}
    </section>
  );
}
