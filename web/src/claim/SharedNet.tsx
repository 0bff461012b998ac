import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import type { Schemas } from '../api/client';
import { Scrolls } from '../components/Scrolls';

const WIDTH = 760;
const ROW = 46;
const THING_X = 250;
const CLAIM_X = 500;

type Props = {
  view: Schemas['SignalView'];
  /** Claims that are chosen, where some can be. */
  chosen?: string[];
  onChoose?: (claim: string, chosen: boolean) => void;
};

/** A claim, the things it shares and the claims it shares them with: drawn as a small net, and told as a table. */
export function SharedNet({ view, chosen = [], onChoose }: Props) {
  const { t } = useTranslation();
  const things = view.signals.filter((each) => view.links.some((link) => link.thing === each.id));
  const others = view.claims.slice(1);
  const rows = Math.max(things.length, others.length, 1);
  const height = rows * ROW + 20;
  const y = (index: number, of: number) => height / 2 + (index - (of - 1) / 2) * ROW;
  const thingsOf = (claim: string) =>
    things.filter((each) => view.links.some((link) => link.thing === each.id && link.claim === claim));
  return (
    <div className="mt-3 grid items-start gap-4 xl:grid-cols-2">
      <svg viewBox={`0 0 ${WIDTH} ${height}`} className="w-full" role="img" aria-label={t('signals.net')}>
        {things.map((thing, i) => (
          <path
            key={thing.id}
            d={`M 150 ${height / 2} C 200 ${height / 2}, 200 ${y(i, things.length)}, ${THING_X} ${y(i, things.length)}`}
            className={`fill-none ${thing.dismissed ? 'stroke-base-300' : 'stroke-base-content/50'}`}
          />
        ))}
        {others.flatMap((other, j) =>
          thingsOf(other.id).map((thing) => {
            const from = y(things.indexOf(thing), things.length);
            const to = y(j, others.length);
            return (
              <path
                key={other.id + thing.id}
                d={`M ${THING_X + 160} ${from} C ${CLAIM_X - 40} ${from}, ${CLAIM_X - 40} ${to}, ${CLAIM_X} ${to}`}
                className={`fill-none ${thing.dismissed ? 'stroke-base-300' : 'stroke-base-content/50'}`}
              />
            );
          }),
        )}
        <Box x={10} y={height / 2} width={140} text={view.number} sub={t('signals.this')} strong />
        {things.map((thing, i) => (
          <Box key={thing.id} x={THING_X} y={y(i, things.length)} width={160} text={thing.label} round />
        ))}
        {others.map((other, j) => (
          <Box
            key={other.id}
            x={CLAIM_X}
            y={y(j, others.length)}
            width={250}
            text={`${other.number} · ${other.name}`}
            sub={t(`state.${other.state as 'FROZEN'}`)}
          />
        ))}
      </svg>
      <Scrolls label={t('misuse.net')}>
        <table className="w-full">
          <caption className="quiet text-start text-[0.8125rem]">{t('signals.table')}</caption>
          <tbody>
            {others.map((other) => (
              <tr key={other.id} className="row-line">
                {onChoose && (
                  <td className="w-8">
                    <input
                      type="checkbox"
                      className="checkbox checkbox-sm"
                      aria-label={t('signals.choose', { number: other.number })}
                      checked={chosen.includes(other.id)}
                      onChange={(event) => onChoose(other.id, event.target.checked)}
                    />
                  </td>
                )}
                <td className="py-1.5">
                  <Link to={`/claims/${other.id}`} className="alone">
                    {other.number}
                  </Link>
                </td>
                <td>{other.name}</td>
                <td className="quiet">
                  {thingsOf(other.id)
                    .map((thing) => thing.label)
                    .join(', ')}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </Scrolls>
    </div>
  );
}

function Box({
  x,
  y,
  width,
  text,
  sub,
  strong = false,
  round = false,
}: {
  x: number;
  y: number;
  width: number;
  text: string;
  sub?: string;
  strong?: boolean;
  round?: boolean;
}) {
  const most = Math.floor(width / 7);
  const short = text.length > most ? `${text.slice(0, most - 1)}…` : text;
  return (
    <g>
      <title>{text}</title>
      <rect
        x={x}
        y={y - 18}
        width={width}
        height={36}
        rx={round ? 18 : 3}
        className={`fill-base-100 ${strong ? 'stroke-primary' : 'stroke-base-content/40'}`}
        strokeWidth={strong ? 2 : 1}
      />
      <text x={x + 10} y={sub ? y - 2 : y + 5} className="fill-base-content text-[0.8125rem]">
        {short}
      </text>
      {sub && (
        <text x={x + 10} y={y + 12} className="fill-base-content/75 text-[0.6875rem]">
          {sub}
        </text>
      )}
    </g>
  );
}
