import { useEffect, useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import { TextField } from '../../components/Field';
import { keptFiles } from '../../papers/keptFiles';
import { PickPicture } from './PickPicture';

type Props = {
  claim: string;
  document: Schemas['MyDocument'];
  onTakeBack: () => void;
  onRemark: (words: string) => void;
  onBackSide: (file: File) => void;
};

/** A document that was sent: its picture, what was read, each fault in words that help, and what can be done about it. */
export function DocumentCard({ claim, document, onTakeBack, onRemark, onBackSide }: Props) {
  const { t } = useTranslation();
  const [back, setBack] = useState(false);
  const backPlace = `${claim}/identity-back/${document.id}`;
  useEffect(() => {
    void keptFiles(backPlace).then(([before]) => before && setBack(true));
  }, [backPlace]);
  const begun = document.state === 'BEGUN';
  const title = t(`who.type.${document.documentType as 'PASSPORT'}`);
  const unread = document.reading === 'UNREADABLE' && document.faults.length === 0;
  const edge =
    document.state === 'SENT_BACK'
      ? 'border-s-error'
      : document.usable
        ? 'border-s-success'
        : document.reading === 'WAITING'
          ? 'border-s-primary'
          : 'border-s-warning';
  return (
    <section className={`sheet border-s-4 p-5 ${edge}`} aria-label={title}>
      <div className="flex flex-wrap gap-4">
        <Picture claim={claim} document={document} alt={t('who.document.picture', { title })} />
        <div className="min-w-[min(14rem,100%)] flex-1">
          <h2 className="text-lg">{title}</h2>
          <div aria-live="polite">
            <State document={document} />
            {document.told.length > 0 && (
              <p className="quiet mt-1 text-[0.9375rem]">
                {t('who.document.read', {
                  values: document.told
                    .map((each) => `${t(`who.value.${each.field as 'name'}`)} ${each.text}`)
                    .join(' · '),
                })}
              </p>
            )}
            <ul className="mt-1 space-y-1">
              {document.faults.map((each) => (
                <li key={each.fault} className="font-semibold text-warning">
                  <span aria-hidden="true">◆ </span>
                  {each.text}
                </li>
              ))}
            </ul>
          </div>
        </div>
      </div>
      {begun && (
        <div className="mt-3 space-y-3">
          {document.hasBack && !document.back && !back && (
            <button
              type="button"
              className="btn btn-outline btn-primary h-auto min-h-11"
              onClick={() => setBack(true)}
            >
              {t('who.document.addBack')}
            </button>
          )}
          {back && !document.back && (
            <PickPicture
              title={t('who.document.backOf', { title })}
              place={backPlace}
              onCancel={() => setBack(false)}
              onPicture={(file) => {
                setBack(false);
                onBackSide(file);
              }}
            />
          )}
          {(document.faults.length > 0 || unread) && <AsItIs document={document} onRemark={onRemark} />}
          <button
            type="button"
            className="min-h-11 cursor-pointer font-semibold text-primary"
            aria-label={`${t('who.document.takeBack')}: ${title}`}
            onClick={onTakeBack}
          >
            {document.usable ? t('who.document.takeBack') : t('who.document.again')}
          </button>
        </div>
      )}
    </section>
  );
}

function State({ document }: { document: Schemas['MyDocument'] }) {
  const { t } = useTranslation();
  if (document.state === 'SENT_BACK')
    return (
      <p className="mt-1 font-semibold text-error">
        {t('who.document.sentBack', { reason: document.reason })}
      </p>
    );
  if (document.reading === 'WAITING') return <p className="mt-1 text-primary">{t('who.document.reading')}</p>;
  if (document.usable)
    return (
      <p className="mt-1 font-semibold text-success">
        <span aria-hidden="true">✓ </span>
        {t('who.document.usable')}
      </p>
    );
  if (document.category === 'NONE') return <p className="mt-1">{t('who.document.deed')}</p>;
  return null;
}

/** The first page, with what is wrong marked on it. */
function Picture({ claim, document, alt }: { claim: string; document: Schemas['MyDocument']; alt: string }) {
  const at = document.faultAt;
  return (
    <span className="relative block w-36 self-start">
      <img
        src={`/api/my/claims/${claim}/papers/${document.id}/picture`}
        alt={alt}
        className="w-36 border border-base-300"
      />
      {at && at.width > 0 && (
        <span
          aria-hidden="true"
          className="absolute border-2 border-error"
          style={{
            left: `${at.left * 100}%`,
            top: `${at.top * 100}%`,
            width: `${at.width * 100}%`,
            height: `${at.height * 100}%`,
          }}
        />
      )}
    </span>
  );
}

function AsItIs({
  document,
  onRemark,
}: {
  document: Schemas['MyDocument'];
  onRemark: (words: string) => void;
}) {
  const { t } = useTranslation();
  const [words, setWords] = useState(document.remark);
  if (document.remark) return <p>{t('who.document.remarked', { words: document.remark })}</p>;
  return (
    <details>
      <summary className="min-h-11 cursor-pointer py-2 font-semibold text-primary">
        {t('who.document.asItIs')}
      </summary>
      <form
        className="space-y-3"
        onSubmit={(event) => {
          event.preventDefault();
          onRemark(words);
        }}
      >
        <TextField
          label={t('who.document.why')}
          hint={t('who.document.whyHint')}
          value={words}
          onChange={setWords}
        />
        <button
          type="submit"
          className="btn btn-outline btn-primary h-auto min-h-11"
          disabled={!words.trim()}
        >
          {t('who.document.keep')}
        </button>
      </form>
    </details>
  );
}
