import { useId } from 'react';
import { useTranslation } from 'react-i18next';

type Props = {
  title: string;
  busy: boolean;
  onFiles: (files: File[]) => void;
  /** Whether only one file is wanted; then there is no word on dropping any. */
  single?: boolean;
  /** Whether it is a file as it was made, and no picture of it will do. */
  asMade?: boolean;
};

/** Two ways to a paper: files that are there, or the camera of a phone. Dropping and pasting work around them. */
export function Choose({ title, busy, onFiles, single = false, asMade = false }: Props) {
  const { t } = useTranslation();
  return (
    <div className="mt-3 flex flex-wrap items-center gap-3">
      <Pick
        label={t('papers.choose')}
        title={title}
        busy={busy}
        onFiles={onFiles}
        multiple={!single}
        accept={asMade ? 'application/pdf' : 'image/jpeg,image/png,image/tiff,application/pdf'}
      />
      {!asMade && (
        <span className="sm:hidden">
          <Pick
            label={t('papers.camera')}
            title={title}
            busy={busy}
            onFiles={onFiles}
            accept="image/*"
            camera
          />
        </span>
      )}
      {!single && <span className="quiet hidden text-sm sm:inline">{t('papers.dropHint')}</span>}
    </div>
  );
}

function Pick({
  label,
  title,
  busy,
  onFiles,
  accept,
  multiple = false,
  camera = false,
}: Omit<Props, 'single' | 'asMade'> & {
  label: string;
  accept: string;
  multiple?: boolean;
  camera?: boolean;
}) {
  const id = useId();
  return (
    <label
      htmlFor={id}
      className={`btn btn-outline btn-primary h-auto min-h-11 focus-within:outline-2 ${busy ? 'btn-disabled' : ''}`}
    >
      {label}
      <input
        id={id}
        type="file"
        multiple={multiple}
        capture={camera ? 'environment' : undefined}
        accept={accept}
        disabled={busy}
        className="sr-only"
        aria-label={`${label}: ${title}`}
        onChange={(event) => {
          onFiles([...(event.target.files ?? [])]);
          event.target.value = '';
        }}
      />
    </label>
  );
}
