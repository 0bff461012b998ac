import { useRef } from 'react';
import { useTranslation } from 'react-i18next';
import { useNavigate, useParams } from 'react-router';
import { BackToMine } from '../../claim/BackToMine';
import { Page } from '../../components/Page';
import { Problem } from '../../components/Problem';
import { BeforeStart } from './BeforeStart';
import { DidYouFile } from './DidYouFile';
import { Documents } from './Documents';
import { NotMe } from './NotMe';
import { Receipt } from './Receipt';
import { SignStep } from './SignStep';
import { useIdentity, useSending } from './useIdentity';

/** Who are you? Told, prepared, said whether one filed this, shown by documents, signed, with a receipt. */
export function IdentityAnswerScreen() {
  const { t } = useTranslation();
  const { claim = '', step = '' } = useParams();
  const go = useNavigate();
  const work = useIdentity(claim);
  const sending = useSending(claim);
  const mine = work.identity.data;
  const heading = useRef<HTMLHeadingElement>(null);
  const titles: Record<string, string> = {
    filed: t('who.filed.title'),
    documents: mine?.documents.some((each) => each.state === 'SENT_BACK')
      ? t('who.again.title')
      : t('who.documents.title'),
    sign: t('who.sign.title'),
  };
  const first = mine?.asksWhetherFiled ? t('who.titleDoubted') : t('who.title');
  const title = (mine?.step === 'ASKED' && titles[step]) || first;
  const to = (next: string) => {
    void go(`/my/${claim}/identity${next && `/${next}`}`);
    window.scrollTo(0, 0);
    heading.current?.focus();
  };
  return (
    <Page title={t('who.title')}>
      <BackToMine />
      <h1 ref={heading} tabIndex={-1} className="mt-1 text-3xl">
        {title}
      </h1>
      <Problem of={work.identity.error} />
      {mine && mine.step === 'ASKED' && (
        <div className="mt-4 max-w-3xl">
          {step === '' && (
            <BeforeStart
              mine={mine}
              later={work.later}
              onBegin={() => to(mine.asksWhetherFiled ? 'filed' : 'documents')}
            />
          )}
          {step === 'filed' && (
            <DidYouFile mine={mine} filed={work.filed} onBack={() => to('')} onOn={() => to('documents')} />
          )}
          {step === 'documents' && (
            <Documents
              claim={claim}
              mine={mine}
              work={work}
              sending={sending}
              onBack={() => to('')}
              onOn={() => to('sign')}
            />
          )}
          {step === 'sign' && <SignStep mine={mine} handIn={work.handIn} onBack={() => to('documents')} />}
        </div>
      )}
      {mine && mine.step === 'NOT_ME' && <NotMe mine={mine} />}
      {mine && mine.step === 'HANDED_IN' && <Receipt claim={claim} mine={mine} />}
      {mine && (mine.step === 'LAPSED' || mine.step === 'NOTHING') && (
        <p className="mt-3 text-lg">{mine.sentence}</p>
      )}
    </Page>
  );
}
