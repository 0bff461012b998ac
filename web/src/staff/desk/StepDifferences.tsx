import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';

/** Steps of the working that read otherwise, before and now. */
export function StepDifferences({ steps }: { steps: Schemas['Difference'][] }) {
  const { t } = useTranslation();
  if (steps.length === 0) return null;
  return (
    <details className="mt-1">
      <summary className="cursor-pointer">{t('trial.steps', { count: steps.length })}</summary>
      <ul className="mt-1 space-y-1.5 text-[0.8125rem]">
        {steps.map((step) => (
          <li key={step.before + step.now} className="border-b border-base-300 pb-1.5">
            {step.before && <del className="quiet block">{step.before}</del>}
            {step.now && <ins className="block no-underline">{step.now}</ins>}
          </li>
        ))}
      </ul>
    </details>
  );
}
