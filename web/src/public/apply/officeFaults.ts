import i18next from 'i18next';
import type { Schemas } from '../../api/client';
import type { Fault } from '../../facts/faultsOf';

/** What has to be put right before one can sign, and not only be looked at. */
export function toPutRight(faults: Schemas['DraftFault'][]): Schemas['DraftFault'][] {
  return faults.filter((each) => !each.mayStay);
}

/** What the office found in a chapter; of what was told already, where that is given. */
export function ofOffice(faults: Schemas['DraftFault'][], chapter: string, among?: Fault[]): Fault[] {
  return faults
    .filter((each) => each.chapter === chapter)
    .map(({ path, label, sentence, mayStay }) => ({
      path,
      label: label || contactLabel(path),
      sentence,
      mayStay,
      whose: '',
      code: 'missing' as const,
    }))
    .filter((each) => !among || isAmong(among, each));
}

const contactLabel = (path: string) => i18next.t(`contact.${path.split('/').at(-1) as 'phone'}`);

export function isAmong(faults: Fault[], one: Fault): boolean {
  return faults.some((each) => each.path === one.path && each.sentence === one.sentence);
}

/** What is plain to see here comes first; the office may say the same in other words. */
export function withOffice(here: Fault[], office: Fault[]): Fault[] {
  return here.length > 0 ? here : office;
}
