import { useTranslation } from 'react-i18next';
import { marked } from './marked';
import { Scrolls } from './Scrolls';

/** What is compared, and what each of the records has of it; empty where a record says nothing. */
export type Line = { what: string; values: string[] };

type Props = {
  /** Whose records they are, in the order of the values. */
  heads: string[];
  lines: Line[];
};

/** Records of people beside each other, line by line: what agrees has its sign, what differs is marked to the letter. */
export function SideBySide({ heads, lines }: Props) {
  const { t } = useTranslation();
  return (
    <Scrolls label={heads.join(', ')}>
      <table className="dense w-full table-fixed">
        <thead>
          <tr className="row-line text-start text-[0.8125rem]">
            <td className="w-28" />
            {heads.map((head, i) => (
              <th key={`${head}${i}`} scope="col" className="py-1 text-start font-normal">
                {head}
              </th>
            ))}
            <td className="w-24" />
          </tr>
        </thead>
        <tbody>
          {lines
            .filter((line) => line.values.some(Boolean))
            .map((line) => {
              const told = line.values.filter(Boolean);
              const agrees = told.every((each) => each === told[0]);
              return (
                <tr key={line.what} className="row-line align-top">
                  <th scope="row" className="quiet py-1 text-start font-normal">
                    {line.what}
                  </th>
                  {line.values.map((value, i) => (
                    <td key={`${value}${i}`} className="py-1 pe-3 break-words">
                      {value ? marked(value, line.values) : <span className="quiet">–</span>}
                    </td>
                  ))}
                  <td className={`py-1 ${agrees ? 'text-success' : 'font-semibold text-error'}`}>
                    {told.length > 1 &&
                      (agrees ? (
                        <>
                          <span aria-hidden="true">= </span>
                          {t('beside.agrees')}
                        </>
                      ) : (
                        <>
                          <span aria-hidden="true">≠ </span>
                          {t('beside.differs')}
                        </>
                      ))}
                  </td>
                </tr>
              );
            })}
        </tbody>
      </table>
    </Scrolls>
  );
}
