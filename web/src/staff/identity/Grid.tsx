import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import { marked } from '../../components/marked';

type Props = {
  grid: Schemas['IdentityGrid'];
  chosen: string;
  onChoose: (paper: string) => void;
  /** Asked to show where on its picture a document says something. */
  onPlace: (paper: string, field: string) => void;
};

const INK = {
  MATCH: 'text-success',
  NEAR: 'text-warning',
  CONFLICT: 'text-error',
  INVALID: 'text-error',
  ABSENT: 'quiet',
};
const SHAPE = { MATCH: '✓', NEAR: '≈', CONFLICT: '≠', INVALID: '≠', ABSENT: '' };
const STATE = { RECEIVED: '→', ACCEPTED: '✓', SENT_BACK: '◆', BEGUN: '', TAKEN_BACK: '' };

/** Said, on record, and what each document says, row by row; what differs is marked to the letter. */
export function Grid({ grid, chosen, onChoose, onPlace }: Props) {
  const { t } = useTranslation();
  return (
    <div className="sheet mt-2 overflow-x-auto">
      <table className="w-full">
        <thead>
          <tr className="row-line text-start align-top text-[0.8125rem]">
            <th className="w-32 px-3 py-2 font-normal">{t('identity.attribute')}</th>
            <th className="w-52 py-2 font-normal">{t('desk.said')}</th>
            <th className="w-60 py-2 font-normal">{t('desk.record')}</th>
            {grid.columns.map((each) => (
              <th
                key={each.paper}
                className={`min-w-44 border-s border-base-300 px-2 py-1 font-normal ${each.paper === chosen ? 'border-t-2 border-t-primary bg-base-200' : ''}`}
              >
                <button
                  type="button"
                  className="cursor-pointer text-start font-semibold text-primary"
                  aria-pressed={each.paper === chosen}
                  onClick={() => onChoose(each.paper)}
                >
                  {t(`who.type.${each.documentType as 'PASSPORT'}`, { defaultValue: each.documentType })}
                </button>
                <span className="quiet block">
                  <span aria-hidden="true">{STATE[each.state]} </span>
                  {each.original ? t('grid.original') : t(`grid.state.${each.state as 'RECEIVED'}`)}
                  {' · '}
                  {t(`identity.category.${each.category}`)}
                </span>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {grid.rows.map((row) => (
            <Row key={row.kind} grid={grid} row={row} chosen={chosen} onPlace={onPlace} />
          ))}
          <tr className="align-top">
            <th scope="row" className="px-3 py-2 text-start font-normal">
              {t('grid.faults')}
            </th>
            <td colSpan={2} />
            {grid.columns.map((each) => (
              <td
                key={each.paper}
                className={`border-s border-base-300 px-2 py-2 ${each.paper === chosen ? 'bg-base-200' : ''}`}
              >
                {each.beingRead && <span className="text-primary">{t('grid.beingRead')}</span>}
                {!each.beingRead && each.faults.length === 0 && (
                  <span className="text-success">
                    <span aria-hidden="true">✓ </span>
                    {t('grid.noFault')}
                  </span>
                )}
                {each.faults.map((fault) => (
                  <span key={fault} className="block text-error">
                    <span aria-hidden="true">≠ </span>
                    {fault}
                  </span>
                ))}
                {each.remark && (
                  <span className="told block">{t('grid.remark', { words: each.remark })}</span>
                )}
              </td>
            ))}
          </tr>
        </tbody>
      </table>
    </div>
  );
}

/** Which field of a reading a row is about. */
export const FIELDS: Record<string, string> = {
  NAME: 'name',
  DATE_OF_BIRTH: 'dateOfBirth',
  ISSUED: 'issuedOn',
  EXPIRY: 'expiresOn',
};

function Row({
  grid,
  row,
  chosen,
  onPlace,
}: Pick<Props, 'grid' | 'chosen' | 'onPlace'> & { row: Schemas['GridRow'] }) {
  const compared = row.kind === 'NAME' || row.kind === 'DATE_OF_BIRTH';
  return (
    <tr className="row-line align-top">
      <th scope="row" className="px-3 py-2 text-start font-normal">
        {row.label}
      </th>
      <td className="py-2 pe-2">{row.said ? marked(row.said, [row.onRecord]) : '–'}</td>
      <td className="py-2 pe-2">
        <span className={INK[row.verdict]} aria-hidden="true">
          {SHAPE[row.verdict]}{' '}
        </span>
        {row.onRecord ? marked(row.onRecord, [row.said]) : '–'}
        {row.what && <span className={`block text-[0.8125rem] ${INK[row.verdict]}`}>{row.what}</span>}
      </td>
      {row.cells.map((cell, i) => {
        const column = grid.columns[i];
        const text = compared && cell.text ? marked(cell.text, [row.said]) : cell.text;
        return (
          <td
            key={column?.paper}
            className={`border-s border-base-300 px-2 py-2 ${column?.paper === chosen ? 'bg-base-200' : ''} ${cell.seen ? '' : 'italic'}`}
          >
            {cell.text && cell.place ? (
              <button
                type="button"
                className="cursor-pointer text-start underline decoration-dotted"
                onClick={() => onPlace(column?.paper ?? '', FIELDS[row.kind] ?? '')}
              >
                {text}
              </button>
            ) : (
              text
            )}
          </td>
        );
      })}
    </tr>
  );
}
