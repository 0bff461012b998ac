import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import { Problem } from '../../components/Problem';
import { AddDocument } from './AddDocument';
import { CarryOn } from './CarryOn';
import { Checklist } from './Checklist';
import { DocumentCard } from './DocumentCard';
import { Pending } from './Pending';
import type { useIdentity, useSending } from './useIdentity';

type Props = {
  claim: string;
  mine: Schemas['MyIdentity'];
  work: ReturnType<typeof useIdentity>;
  sending: ReturnType<typeof useSending>;
  /** Left out where only pictures are taken. */
  onBack?: () => void;
  onOn?: () => void;
};

/** The documents: what is needed, what was sent with what was read of it and what is wrong, and one more. */
export function Documents({ claim, mine, work, sending, onBack, onOn }: Props) {
  const { t } = useTranslation();
  const sentBack = mine.documents.filter((each) => each.state === 'SENT_BACK');
  const onlyAgain = sentBack.length > 0;
  return (
    <div className="space-y-5">
      {onlyAgain && <p>{t('who.again.intro')}</p>}
      <Checklist mine={mine} onTheirWay={sending.onTheirWay} />
      <Problem of={work.takeBack.error ?? work.remark.error} />
      {mine.documents.map((each) => (
        <DocumentCard
          key={each.id}
          claim={claim}
          document={each}
          onTakeBack={() => work.takeBack.mutate(each.id)}
          onRemark={(words) => work.remark.mutate({ paper: each.id, words })}
          onBackSide={(file) => sending.send({ file, documentType: each.documentType, backOf: each.id })}
        />
      ))}
      <Pending onTheirWay={sending.onTheirWay} />
      <AddDocument
        claim={claim}
        mine={mine}
        onFile={(file, documentType) => sending.send({ file, documentType })}
      />
      {onOn && onBack && (
        <>
          <CarryOn claim={claim} />
          <div className="flex flex-wrap items-center gap-4 border-t border-base-300 pt-4">
            <button type="button" className="btn btn-primary h-auto min-h-12" onClick={onOn}>
              {mine.enough ? t('who.documents.on') : t('who.documents.onAnyway')}
            </button>
            <button
              type="button"
              className="min-h-11 cursor-pointer font-semibold text-primary"
              onClick={onBack}
            >
              {t('who.backToStart')}
            </button>
            <p className="quiet basis-full">{t('who.documents.kept')}</p>
          </div>
        </>
      )}
    </div>
  );
}
