import { Component, type ErrorInfo, type ReactNode } from 'react';
import { useTranslation } from 'react-i18next';
import { useLocation } from 'react-router';
import { api } from '../api/client';

type Props = { at: string; children: ReactNode };

/** Around all screens: one that breaks says so and what to do, and never leaves a white page. */
export function NeverWhite({ children }: { children: ReactNode }) {
  return <Boundary at={useLocation().pathname}>{children}</Boundary>;
}

class Boundary extends Component<Props, { broken: boolean }> {
  override state = { broken: false };

  static getDerivedStateFromError() {
    return { broken: true };
  }

  override componentDidCatch(error: Error, { componentStack }: ErrorInfo) {
    tellOffice(this.props.at, error, componentStack ?? '');
  }

  /** Going elsewhere is another try. */
  override componentDidUpdate(before: Props) {
    if (this.state.broken && before.at !== this.props.at) this.setState({ broken: false });
  }

  override render() {
    return this.state.broken ? (
      <Broken onAgain={() => this.setState({ broken: false })} />
    ) : (
      this.props.children
    );
  }
}

/** Which page broke and in which of its parts, and nothing that was typed: names of claims and people are left out. */
export function tellOffice(at: string, error: Error, stack: string) {
  const page = at
    .split('/')
    .map((part) => (/^[a-z-]*$/.test(part) ? part : '*'))
    .join('/');
  const parts = [...stack.matchAll(/^\s*at ([A-Za-z0-9]+)/gm)].slice(0, 8).map(([, name]) => name);
  const body = {
    page: page.slice(0, 120),
    error: error.name.replace(/[^A-Za-z]/g, '').slice(0, 40),
    within: parts.join(' ').slice(0, 300),
  };
  void api.POST('/api/broken', { body }).catch(() => undefined);
}

/** Made of as little as can be, since whatever it is made of could be what broke. */
function Broken({ onAgain }: { onAgain: () => void }) {
  const { t } = useTranslation();
  return (
    <main id="page" tabIndex={-1} className="mx-auto max-w-[66rem] px-5 py-8">
      <div role="alert">
        <h1 className="text-3xl">{t('broken.title')}</h1>
        <p className="mt-3 max-w-prose text-lg">{t('broken.words')}</p>
      </div>
      <div className="mt-6 flex flex-wrap gap-6">
        <button type="button" className="btn btn-primary h-auto min-h-12" onClick={onAgain}>
          {t('broken.again')}
        </button>
        <a href="/" className="inline-flex min-h-12 items-center">
          {t('notFound.toStart')}
        </a>
      </div>
    </main>
  );
}
