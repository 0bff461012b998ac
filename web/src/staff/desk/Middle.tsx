import { lazy, type ReactNode, Suspense } from 'react';
import { Tab as AriaTab, TabList, TabPanel, Tabs } from 'react-aria-components';
import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import { HoursBeyond } from '../../claim/HoursBeyond';
import type { useDesk } from '../../claim/useDesk';
import { ClaimPhoto } from './ClaimPhoto';
import { FactTable } from './FactTable';
import { IdentityPanel } from './IdentityPanel';
import { IncomePanel } from './IncomePanel';
import { MessagePanel } from './MessagePanel';
import { OthersPanel } from './OthersPanel';
import { PaymentPanel } from './PaymentPanel';
import { RegisterPanel } from './RegisterPanel';
import { Rounds } from './Rounds';
import { SecondLook } from './SecondLook';

/** Few claims are about days; the desk of the others does not load what a calendar takes. */
const PlanPanel = lazy(() => import('./PlanPanel'));

const TABS = [
  'facts',
  'calendar',
  'identity',
  'income',
  'registers',
  'messages',
  'others',
  'payments',
  'history',
] as const;
export type Tab = (typeof TABS)[number];

/** The tabs of a claim: one that is about days has a calendar as well. */
export function tabsOf(desk: Schemas['Desk'] | undefined): readonly Tab[] {
  return TABS.filter((each) => each !== 'calendar' || desk?.plan);
}

type Props = {
  desk: Schemas['Desk'];
  tab: Tab;
  onTab: (tab: Tab) => void;
  chosen: string;
  onChoose: (key: string) => void;
  onSettle: (fact: Schemas['Fact'], view: Schemas['Settle']['view']) => void;
  onPaper: (paper: string, page: number) => void;
  /** Leads to a fact. */
  onFact: (path: string) => void;
  /** What is open at a fact. */
  atFact: (fact: Schemas['Fact']) => ReactNode;
  work: ReturnType<typeof useDesk>;
};

/** The middle of the desk: the facts first, and what stands behind them one step away. */
export function Middle({
  desk,
  tab,
  onTab,
  chosen,
  onChoose,
  onSettle,
  onPaper,
  onFact,
  atFact,
  work,
}: Props) {
  const { t } = useTranslation();
  const stands = (...kinds: Schemas['Obstacle']['kind'][]) =>
    desk.inTheWay.some((each) => each.weight !== 'IMMATERIAL' && kinds.includes(each.kind));
  const marks: Partial<Record<Tab, boolean>> = {
    identity: stands('IDENTITY'),
    income: desk.income.sources.some(
      (source) =>
        ['UNDISCLOSED', 'HIDDEN_PAY', 'MISSTATED', 'DISPUTED'].includes(source.verdict) &&
        desk.inTheWay.some((each) => each.weight !== 'IMMATERIAL' && each.title.includes(source.employer)),
    ),
    registers: stands('REGISTER'),
    messages: desk.unread > 0,
    payments: stands('PAYMENTS'),
    calendar: stands('HOURS'),
    others: stands('OTHERS', 'REMARK'),
  };
  return (
    <Tabs selectedKey={tab} onSelectionChange={(key) => onTab(key as Tab)}>
      <TabList aria-label={t('desk.tabs')} className="flex flex-wrap gap-x-1 border-b border-base-300 px-2">
        {tabsOf(desk).map((each) => (
          <AriaTab
            key={each}
            id={each}
            className={({ isSelected, isFocusVisible }) =>
              `flex min-h-9 cursor-pointer items-center gap-1 px-2.5 ${isSelected ? 'border-b-2 border-primary font-semibold' : ''} ${isFocusVisible ? 'outline-2 outline-primary' : ''}`
            }
          >
            {t(`desk.tab.${each}`)}
            {marks[each] && (
              <span className="text-error">
                <span aria-hidden="true">◆</span>
                <span className="sr-only"> {t('desk.tabMark')}</span>
              </span>
            )}
          </AriaTab>
        ))}
      </TabList>
      <TabPanel key={tab} id={tab}>
        {tab === 'facts' && (
          <>
            <FactTable
              desk={desk}
              chosen={chosen}
              onChoose={onChoose}
              onSettle={onSettle}
              onPaper={onPaper}
              atFact={atFact}
            />
            <Rounds asking={desk.asking} />
            <p className="quiet px-4 py-3 text-[0.8125rem]">{t('desk.keys')}</p>
          </>
        )}
        {tab === 'calendar' && desk.plan && (
          <Suspense>
            {desk.may.write && (
              <div className="px-4 empty:hidden">
                <HoursBeyond claim={desk.id} />
              </div>
            )}
            <PlanPanel plan={desk.plan} onFact={onFact} />
          </Suspense>
        )}
        {tab === 'identity' && (
          <>
            <IdentityPanel desk={desk} onPaper={onPaper} onDoubt={(wish) => work.doubt.mutate(wish)} />
            <ClaimPhoto claim={desk.id} />
          </>
        )}
        {tab === 'income' && <IncomePanel income={desk.income} onPaper={onPaper} />}
        {tab === 'registers' && (
          <>
            <div className="px-4 empty:hidden">
              <SecondLook claim={desk.id} />
            </div>
            <RegisterPanel
              desk={desk}
              onAsk={(request) => work.askRegister.mutate(request)}
              onWithout={(wish) => work.withoutRegister.mutate(wish)}
            />
          </>
        )}
        {tab === 'messages' && (
          <MessagePanel claim={desk.id} canWrite={desk.may.write} onRead={work.changed} />
        )}
        {tab === 'others' && <OthersPanel desk={desk} onPaper={onPaper} />}
        {tab === 'payments' && <PaymentPanel desk={desk} />}
        {tab === 'history' && <History desk={desk} />}
      </TabPanel>
    </Tabs>
  );
}

function History({ desk }: { desk: Schemas['Desk'] }) {
  return (
    <ul className="px-4 py-3">
      {desk.past.history.map((line, i) => (
        <li key={`${line.when}${i}`} className="flex gap-3 py-0.5">
          <span className="quiet w-24 shrink-0">{line.when}</span>
          <span className="min-w-0">
            <strong>{line.who}</strong> {line.sentence}
          </span>
        </li>
      ))}
    </ul>
  );
}
