import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useForm } from 'react-hook-form';
import { useTranslation } from 'react-i18next';
import { api, type Schemas, take } from '../../api/client';
import { OtherAsked } from '../../claim/OtherAsked';
import { FormText } from '../../components/FormText';
import { Problem } from '../../components/Problem';
import { openPdf } from '../../components/pdf';
import { TakeDown } from './TakeDown';

/** Who else is asked on a claim, and what those who sign say is not right. */
export function OthersPanel({
  desk,
  onPaper,
}: {
  desk: Schemas['Desk'];
  onPaper: (paper: string, page: number) => void;
}) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const key = ['others', desk.id];
  const others = useQuery({
    queryKey: key,
    queryFn: () => take(api.GET('/api/claims/{id}/others', { params: { path: { id: desk.id } } })),
  });
  const changed = (now: Schemas['OthersAsked']) => {
    queries.setQueryData(key, now);
    void queries.invalidateQueries({ queryKey: ['desk', desk.id] });
  };
  const send = useMutation({
    mutationFn: ({ whom, reach }: { whom: string; reach: Schemas['ReachWish'] }) =>
      take(
        api.POST('/api/claims/{id}/others/{whom}', { params: { path: { id: desk.id, whom } }, body: reach }),
      ),
    onSuccess: changed,
  });
  const form = useMutation({
    mutationFn: (whom: string) =>
      openPdf(() =>
        take(
          api.POST('/api/claims/{id}/others/{whom}/form', {
            params: { path: { id: desk.id, whom } },
            parseAs: 'blob',
          }),
        ),
      ),
  });
  const takeDown = useMutation({
    mutationFn: ({ whom, said }: { whom: string; said: Schemas['Said'] }) =>
      take(
        api.POST('/api/claims/{id}/others/{whom}/answer', {
          params: { path: { id: desk.id, whom } },
          body: { said },
        }),
      ),
    onSuccess: changed,
  });
  const look = useMutation({
    mutationFn: ({ remark, reason }: { remark: string; reason: string }) =>
      take(
        api.POST('/api/claims/{id}/remarks/{remark}', {
          params: { path: { id: desk.id, remark } },
          body: { reason },
        }),
      ),
    onSuccess: changed,
  });
  const now = others.data;
  return (
    <section className="space-y-3 p-4" aria-label={t('desk.tab.others')}>
      <Problem of={others.error ?? look.error ?? form.error} />
      {now?.others.length === 0 && <p>{t('others.none')}</p>}
      {now?.others.map((other) => (
        <OtherAsked
          key={other.whom}
          other={other}
          may={desk.may.work}
          anew
          busy={send.isPending}
          error={send.variables?.whom === other.whom ? send.error : null}
          sent={send.isSuccess && send.variables.whom === other.whom}
          onSend={(reach) => send.mutate({ whom: other.whom, reach })}
          onForm={() => form.mutate(other.whom)}
        />
      ))}
      {now?.others
        .filter((other) => desk.may.work && other.forms.length > 0 && other.state !== 'ANSWERED')
        .map((other) => (
          <TakeDown
            key={other.whom}
            other={other}
            busy={takeDown.isPending}
            error={takeDown.variables?.whom === other.whom ? takeDown.error : null}
            onPaper={onPaper}
            onTake={(said) => takeDown.mutate({ whom: other.whom, said })}
          />
        ))}
      {[false, true].map((after) => (
        <Remarks
          key={String(after)}
          title={t(after ? 'others.after' : 'others.remarks')}
          remarks={now?.remarks.filter((each) => each.after === after) ?? []}
          may={after ? desk.may.write : desk.may.work}
          onLook={(remark, reason) => look.mutate({ remark, reason })}
        />
      ))}
    </section>
  );
}

type RemarksProps = {
  title: string;
  remarks: Schemas['Remark'][];
  may: boolean;
  onLook: (remark: string, reason: string) => void;
};

function Remarks({ title, remarks, may, onLook }: RemarksProps) {
  if (remarks.length === 0) return null;
  return (
    <>
      <h2 className="text-lg">{title}</h2>
      {remarks.map((remark) => (
        <RemarkRow key={remark.id} remark={remark} may={may} onLook={(reason) => onLook(remark.id, reason)} />
      ))}
    </>
  );
}

type RowProps = { remark: Schemas['Remark']; may: boolean; onLook: (reason: string) => void };

function RemarkRow({ remark, may, onLook }: RowProps) {
  const { t } = useTranslation();
  const { control, handleSubmit } = useForm({ defaultValues: { reason: '' } });
  const open = !remark.lookedBy;
  return (
    <article className={`sheet border-s-4 p-4 ${open ? 'border-s-error' : 'border-s-success'}`}>
      <p className="font-semibold">{remark.label}</p>
      <p>{remark.words}</p>
      {!open && (
        <p className="quiet">{t('others.lookedAt', { by: remark.lookedBy, reason: remark.reason })}</p>
      )}
      {open && may && (
        <form
          className="mt-2 flex flex-wrap items-end gap-3"
          onSubmit={handleSubmit(({ reason }) => onLook(reason))}
          noValidate
        >
          <FormText control={control} name="reason" label={t('others.found')} required />
          <button type="submit" className="btn btn-sm btn-primary">
            {t('others.look')}
          </button>
        </form>
      )}
    </article>
  );
}
