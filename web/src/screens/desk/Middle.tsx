import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import { FactTable } from './FactTable';
import { IdentityPanel } from './IdentityPanel';
import { IncomePanel } from './IncomePanel';
import { MessagePanel } from './MessagePanel';
import { OthersPanel } from './OthersPanel';
import { PaymentPanel } from './PaymentPanel';
import { RegisterPanel } from './RegisterPanel';
import { Rounds } from './Rounds';
import type { useDesk } from './useDesk';

export const TABS = [
  'facts',
  'identity',
  'income',
  'registers',
  'messages',
  'others',
  'payments',
  'history',
] as const;
export type Tab = (typeof TABS)[number];

type Props = {
  desk: Schemas['Desk'];
  tab: Tab;
  onTab: (tab: Tab) => void;
  chosen: string;
  onChoose: (key: string) => void;
  onSettle: (fact: Schemas['Fact'], view: Schemas['Settle']['view']) => void;
  onPaper: (paper: string, page: number) => void;
  work: ReturnType<typeof useDesk>;
};

/** The middle of the desk: the facts first, and what stands behind them one step away. */
export function Middle({ desk, tab, onTab, chosen, onChoose, onSettle, onPaper, work }: Props) {
  const { t } = useTranslation();
  const marks: Partial<Record<Tab, boolean>> = {
    identity: desk.identity.result === 'DISPUTED' || desk.identity.result === 'MISUSE_SUSPECTED',
    income: desk.income.sources.some((each) =>
      ['UNDISCLOSED', 'HIDDEN_PAY', 'MISSTATED', 'DISPUTED'].includes(each.verdict),
    ),
    registers: desk.registers.some((each) => each.state === 'SILENT'),
    messages: desk.unread > 0,
  };
  return (
    <>
      <div className="flex flex-wrap gap-x-1 border-b border-base-300 px-2" role="tablist">
        {TABS.map((each) => (
          <button
            key={each}
            type="button"
            role="tab"
            id={`tab-${each}`}
            aria-selected={tab === each}
            aria-controls="middle"
            className={`min-h-9 cursor-pointer px-2.5 ${tab === each ? 'border-b-2 border-primary font-semibold' : ''}`}
            onClick={() => onTab(each)}
          >
            {t(`desk.tab.${each}`)}
            {marks[each] && (
              <span className="text-error">
                <span aria-hidden="true"> ◆</span>
                <span className="sr-only"> {t('desk.tabMark')}</span>
              </span>
            )}
          </button>
        ))}
      </div>
      <div role="tabpanel" id="middle" aria-labelledby={`tab-${tab}`}>
        {tab === 'facts' && (
          <>
            <FactTable
              desk={desk}
              chosen={chosen}
              onChoose={onChoose}
              onSettle={onSettle}
              onPaper={onPaper}
            />
            <Rounds lists={desk.fixLists} />
            <p className="quiet px-4 py-3 text-[13px]">{t('desk.keys')}</p>
          </>
        )}
        {tab === 'identity' && (
          <IdentityPanel desk={desk} onPaper={onPaper} onDoubt={(why) => work.doubt.mutate(why)} />
        )}
        {tab === 'income' && <IncomePanel income={desk.income} onPaper={onPaper} />}
        {tab === 'registers' && (
          <RegisterPanel
            desk={desk}
            onAsk={(request) => work.askRegister.mutate(request)}
            onWithout={(wish) => work.withoutRegister.mutate(wish)}
          />
        )}
        {tab === 'messages' && (
          <MessagePanel claim={desk.id} canWrite={desk.canWrite} onRead={work.changed} />
        )}
        {tab === 'others' && <OthersPanel desk={desk} onPaper={onPaper} />}
        {tab === 'payments' && <PaymentPanel desk={desk} />}
        {tab === 'history' && <History desk={desk} />}
      </div>
    </>
  );
}

function History({ desk }: { desk: Schemas['Desk'] }) {
  return (
    <ul className="px-4 py-3">
      {desk.history.map((line, i) => (
        <li key={`${line.when}${i}`} className="flex gap-3 py-0.5">
          <span className="quiet w-24 shrink-0">{line.when}</span>
          <span>
            <strong>{line.who}</strong> {line.sentence}
          </span>
        </li>
      ))}
    </ul>
  );
}
