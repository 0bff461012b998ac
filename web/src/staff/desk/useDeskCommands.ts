import { useQuery } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { useNavigate } from 'react-router';
import { api, type Schemas, take } from '../../api/client';
import { useSession } from '../../api/session';
import type { Command } from '../../components/commands';
import { type Tab, tabsOf } from './Middle';

type Actions = {
  desk: Schemas['Desk'] | undefined;
  onTake: () => void;
  onDecide: () => void;
  onFixList: () => void;
  onHandOver: (to: Schemas['Colleague']) => void;
  onStandAside: () => void;
  onTab: (tab: Tab) => void;
};

/** To whom this claim can be handed over: a caseworker gives their own, a supervisor any. */
export function useColleagues(desk: Schemas['Desk'] | undefined): Schemas['Colleague'][] {
  const session = useSession().data;
  const open = desk !== undefined && !desk.past.decision && desk.strip.state !== 'WITHDRAWN';
  const may = open && (session?.role === 'SUPERVISOR' || desk.strip.mine);
  const staff = useQuery({
    queryKey: ['staff'],
    queryFn: () => take(api.GET('/api/staff')),
    enabled: may,
    staleTime: Number.POSITIVE_INFINITY,
  });
  return may ? (staff.data ?? []).filter((each) => each.name !== desk.strip.owner) : [];
}

/** What can be done at the desk from the search field. */
export function useDeskCommands({ desk, ...on }: Actions, colleagues: Schemas['Colleague'][]): Command[] {
  const { t } = useTranslation();
  const go = useNavigate();
  if (!desk) return [];
  const work: Command[] = desk.may.work
    ? [
        { label: t('command.decide'), run: on.onDecide },
        { label: t('command.fixList'), run: on.onFixList },
      ]
    : [];
  const takeIt: Command[] =
    desk.strip.owner || desk.past.decision ? [] : [{ label: t('command.take'), run: on.onTake }];
  const isOpen = !desk.past.decision && desk.strip.state !== 'WITHDRAWN';
  return [
    ...takeIt,
    ...work,
    ...(isOpen ? [{ label: t('desk.iKnowThem'), run: on.onStandAside }] : []),
    { label: t('command.household'), run: () => go(`/claims/${desk.id}/household`) },
    ...tabsOf(desk).map((tab) => ({
      label: t('command.tab', { tab: t(`desk.tab.${tab}`).toLowerCase() }),
      run: () => on.onTab(tab),
    })),
    ...colleagues.map((each) => ({
      label: t('command.handOver', { name: each.name }),
      run: () => on.onHandOver(each),
    })),
  ];
}
