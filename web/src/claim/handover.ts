import { useTranslation } from 'react-i18next';
import type { Schemas } from '../api/client';
import { dateText } from '../i18n';

/** Where a document is, in one sentence with its day. @param forHolder what whoever waits for it is to do is said too */
export function useHandoverText(forHolder: boolean) {
  const { t } = useTranslation();
  return ({ state, atTheDesk, on, destroyOn, movedOn, movedBy }: Schemas['Handover']): string => {
    const key = state === 'WAITING' ? (atTheDesk ? 'WAITS' : 'TO_SEND') : state;
    return t(`handover.${forHolder ? 'mine' : 'is'}.${key}`, {
      on: dateText(on),
      until: dateText(destroyOn),
      date: dateText(movedOn),
      by: movedBy,
    });
  };
}
