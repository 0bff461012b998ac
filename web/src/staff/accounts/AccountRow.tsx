import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import { Press } from '../../components/Press';
import { useOpened } from '../../components/useOpened';
import { momentText } from '../../i18n';

export type StaffRole = 'CASEWORKER' | 'SUPERVISOR' | 'AUDITOR';
export const ROLES: StaffRole[] = ['CASEWORKER', 'SUPERVISOR', 'AUDITOR'];

/** What can be done to an account. */
export type Deed =
  | { what: 'become'; role: StaffRole }
  | { what: 'close' | 'removeStep' | 'agree' | 'refuse' };

type Props = {
  account: Schemas['StaffAccount'];
  isMine: boolean;
  /** The name of whoever looks at it. */
  mine: string;
  mayWork: boolean;
  busy: boolean;
  onDeed: (deed: Deed) => void;
};

const LINK = 'min-h-9 cursor-pointer font-semibold text-primary';

/** One account of staff, with what may be done to it. */
export function AccountRow({ account, isMine, mine, mayWork, busy, onDeed }: Props) {
  const { t } = useTranslation();
  const [sure, setSure] = useState<'close' | 'removeStep' | null>(null);
  const mayChange = mayWork && !isMine && !account.closed;
  return (
    <>
      <tr className="border-b border-base-300 align-top">
        <th scope="row" className="px-4 py-2 text-start font-normal">
          <b>{account.name}</b>
          {isMine && <span className="quiet"> · {t('accounts.you')}</span>}
          <div className="quiet text-sm">{account.email}</div>
        </th>
        <td className="px-4 py-2">
          {mayChange ? (
            <select
              className="select select-sm w-40"
              aria-label={t('accounts.become', { name: account.name })}
              value={account.role}
              disabled={busy}
              onChange={(event) => onDeed({ what: 'become', role: event.target.value as StaffRole })}
            >
              {ROLES.map((role) => (
                <option key={role} value={role}>
                  {t(`role.${role}`)}
                </option>
              ))}
            </select>
          ) : account.closed ? (
            <span className="quiet">{t('accounts.closed')}</span>
          ) : (
            t(`role.${account.role}`)
          )}
        </td>
        <td className="px-4 py-2 tabular-nums">
          {account.lastUsed ? (
            momentText(account.lastUsed)
          ) : (
            <span className="quiet">{t('accounts.never')}</span>
          )}
        </td>
        <td className="px-4 py-2">{t(account.secondStep ? 'accounts.hasStep' : 'accounts.noStep')}</td>
        <td className="px-4 py-1 text-end">
          {mayChange && (
            <span className="inline-flex flex-wrap justify-end gap-x-5">
              {account.secondStep && (
                <button type="button" className={LINK} onClick={() => setSure('removeStep')}>
                  {t('accounts.removeStep')}
                </button>
              )}
              <button type="button" className={`${LINK} !text-error`} onClick={() => setSure('close')}>
                {t('accounts.close')}
              </button>
            </span>
          )}
        </td>
      </tr>
      {sure && (
        <Sure
          words={t(sure === 'close' ? 'accounts.sure.close' : 'accounts.sure.step', { name: account.name })}
          onYes={() => {
            setSure(null);
            onDeed({ what: sure });
          }}
          onNo={() => setSure(null)}
        />
      )}
      {account.change && (
        <Wanted
          change={account.change}
          isOwnWish={account.change.askedByName === mine}
          maySettle={mayChange}
          busy={busy}
          onDeed={onDeed}
        />
      )}
    </>
  );
}

function Sure({ words, onYes, onNo }: { words: string; onYes: () => void; onNo: () => void }) {
  const { t } = useTranslation();
  const panel = useOpened<HTMLDivElement>(onNo);
  return (
    <tr className="border-b border-base-300">
      <td colSpan={5} className="px-4 pb-3">
        <div ref={panel} className="border-s-4 border-s-error bg-base-200/60 p-3">
          <p>{words}</p>
          <div className="mt-1 flex gap-5">
            <button type="button" className={`${LINK} !text-error`} onClick={onYes}>
              {t('accounts.sure.yes')}
            </button>
            <button type="button" className={LINK} onClick={onNo}>
              {t('accounts.sure.no')}
            </button>
          </div>
        </div>
      </td>
    </tr>
  );
}

type WantedProps = {
  change: NonNullable<Schemas['StaffAccount']['change']>;
  isOwnWish: boolean;
  maySettle: boolean;
  busy: boolean;
  onDeed: (deed: Deed) => void;
};

function Wanted({ change, isOwnWish, maySettle, busy, onDeed }: WantedProps) {
  const { t } = useTranslation();
  return (
    <tr className="border-b border-base-300">
      <td colSpan={5} className="px-4 pb-2">
        <div className="flex flex-wrap items-center gap-x-5 border-s-4 border-s-warning ps-3">
          <span>
            <span aria-hidden="true">◈ </span>
            {change.role
              ? t('accounts.asked.role', { by: change.askedByName, role: t(`role.${change.role}`) })
              : t('accounts.asked.close', { by: change.askedByName })}{' '}
            {isOwnWish && t('accounts.asked.yours')}
          </span>
          {maySettle && !isOwnWish && (
            <Press className={LINK} busy={busy} onClick={() => onDeed({ what: 'agree' })}>
              {t('accounts.agree')}
            </Press>
          )}
          {maySettle && (
            <Press className={LINK} busy={busy} onClick={() => onDeed({ what: 'refuse' })}>
              {t(isOwnWish ? 'accounts.takeBack' : 'accounts.refuse')}
            </Press>
          )}
        </div>
      </td>
    </tr>
  );
}
