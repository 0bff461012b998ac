import { useMutation } from '@tanstack/react-query';
import { useId } from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { api, type Schemas, take } from '../../api/client';
import { Problem } from '../../components/Problem';

/** A form that came by post: its code says which claim it belongs to. */
export function PostedForm() {
  const { t } = useTranslation();
  const id = useId();
  const file = useMutation({
    mutationFn: (scan: File) =>
      take<Schemas['FormFiled']>(
        api.POST('/api/post', {
          body: scan,
          bodySerializer: (body: unknown) => body,
          headers: { 'Content-Type': 'application/octet-stream' },
        } as never),
      ),
  });
  return (
    <div className="mt-6">
      <h2 className="!font-sans text-sm">{t('sheet.post')}</h2>
      <p className="mt-1">{t('sheet.postHint')}</p>
      <label
        htmlFor={id}
        className="inline-flex min-h-9 cursor-pointer items-center font-semibold text-primary focus-within:outline-2"
      >
        {t(file.isPending ? 'sheet.postBusy' : 'sheet.postChoose')}
        <input
          id={id}
          type="file"
          className="sr-only"
          accept="image/jpeg,image/png,image/tiff,application/pdf"
          disabled={file.isPending}
          onChange={(event) => {
            const scan = event.target.files?.[0];
            if (scan) file.mutate(scan);
            event.target.value = '';
          }}
        />
      </label>
      <Problem of={file.error} />
      {file.data && (
        <p role="status">
          {t('sheet.postFiled')}{' '}
          <Link to={`/claims/${file.data.claim}`} className="alone">
            {file.data.household} · {file.data.number}
          </Link>
        </p>
      )}
    </div>
  );
}
