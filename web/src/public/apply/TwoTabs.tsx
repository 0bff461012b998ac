import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import type { Answers } from '../../facts/answers';
import { factText } from '../../facts/FactText';
import type { Clash } from '../../facts/mergeAnswers';
import { type Asked, isRecord } from '../../facts/shapes';

type Props = {
  clashes: Clash[];
  chapters: Schemas['Form']['chapters'];
  answers: Answers;
  /** One of the two is right. */
  onChoose: (clash: Clash, value: unknown) => void;
};

/** Says that another tab wrote here as well, and lets one choose where both answered the same question. */
export function TwoTabs({ clashes, chapters, answers, onChoose }: Props) {
  const { t } = useTranslation();
  const questions = chapters.flatMap((each) => each.questions as Asked[]);
  const words = (clash: Clash, value: unknown) => {
    const asked = askedAt(questions, clash.path.split('/'));
    return asked ? factText(asked, value, t, answers.members) : plain(value, t('facts.notAnswered'));
  };
  return (
    <section role="alert" className="sheet mb-4 border-s-4 border-s-warning p-5">
      <h2 className="text-lg">{t('apply.twoTabs.title')}</h2>
      <p className="mt-1">
        {clashes.length === 0
          ? t('apply.twoTabs.both')
          : t('apply.twoTabs.choose', { count: clashes.length })}
      </p>
      <ul className="mt-2 space-y-3">
        {clashes.map((clash) => (
          <li key={clash.path}>
            <p className="font-semibold">
              {askedAt(questions, clash.path.split('/'))?.label ?? contactOr(clash.path, t)}
            </p>
            <div className="mt-1 flex flex-wrap gap-2">
              {[clash.here, clash.there].map((value, i) => (
                <button
                  key={i === 0 ? 'here' : 'there'}
                  type="button"
                  className="btn btn-outline h-auto min-h-11 font-normal"
                  onClick={() => onChoose(clash, value)}
                >
                  {t(i === 0 ? 'apply.twoTabs.here' : 'apply.twoTabs.there', { value: words(clash, value) })}
                </button>
              ))}
            </div>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** The question at a path; the ids of people and lines on the way are passed over. */
function askedAt(questions: Asked[], [name, ...rest]: string[]): Asked | undefined {
  const asked = questions.find((each) => each.path === name);
  if (!asked || rest.length === 0) return asked;
  return askedAt(asked.parts, rest) ?? askedAt(asked.parts, rest.slice(1)) ?? asked;
}

function contactOr(path: string, t: ReturnType<typeof useTranslation>['t']): string {
  const [group, part] = path.split('/');
  return group === 'contact' && part ? t(`contact.${part as 'phone'}`) : t('apply.twoTabs.other');
}

function plain(value: unknown, nothing: string): string {
  if (value === undefined || value === null || value === '') return nothing;
  return isRecord(value) || Array.isArray(value)
    ? Object.values(value).map(String).join(', ')
    : String(value);
}
