import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { Scrolls } from '../../components/Scrolls';
import { dateText } from '../../i18n';

type Kind = 'post' | 'returned' | 'waiting';

type Props = { kind: Kind; pieces: Schemas['Piece'][] };

/** Documents that are in the office, with what is next for them. */
export function Pieces({ kind, pieces }: Props) {
  const { t } = useTranslation();
  return (
    <section aria-label={t(`handover.${kind}`)}>
      <h2 className="text-xl">
        {t(`handover.${kind}`)}{' '}
        <span className="quiet font-sans text-base font-normal">· {pieces.length}</span>
      </h2>
      {pieces.length === 0 ? (
        <p className="mt-1">{t(`handover.none.${kind}`)}</p>
      ) : (
        <Table kind={kind} pieces={pieces} />
      )}
    </section>
  );
}

export function Table({ kind, pieces }: Props) {
  const { t } = useTranslation();
  const day = (each: Schemas['Piece']) =>
    kind === 'waiting'
      ? t('handover.keptUntil', { from: dateText(each.on), until: dateText(each.destroyOn) })
      : each.address || t('handover.noneKnown');
  return (
    <Scrolls label={t(`handover.${kind}`)}>
      <table className="sheet dense mt-2 w-full">
        <thead>
          <tr className="row-line text-start text-[0.8125rem]">
            <th className="w-[24%] px-3 py-2 font-normal">{t('handover.holder')}</th>
            <th className="w-[24%] font-normal">{t('handover.numberShort')}</th>
            {kind !== 'waiting' && <th className="w-[16%] font-normal">{t('handover.way')}</th>}
            <th className="font-normal">{t(kind === 'waiting' ? 'handover.kept' : 'handover.address')}</th>
          </tr>
        </thead>
        <tbody>
          {pieces.map((each) => (
            <tr key={each.document} className="row-line">
              <td className="px-3 py-2">{each.name}</td>
              <td>
                <Link to={`/handing-over/${each.number}`} className="alone tabular-nums">
                  {each.number}
                </Link>
              </td>
              {kind !== 'waiting' && <td>{each.way}</td>}
              <td className="py-2 pe-3">{day(each)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </Scrolls>
  );
}
