/* Runs before everything else of a page, and is small: asks at once for what its address will want. */
import { screenAt } from './app/screens';
import { fontsIfKnown } from './components/fonts';

const OFFERED = /^\/(?:programmes|apply)\/([\w-]+)/;

fontsIfKnown();
screenAt(window.location.pathname)
  ?.load()
  .catch(() => undefined);

const programme = OFFERED.exec(window.location.pathname)?.[1];
if (programme) {
  const offer = document.createElement('link');
  offer.rel = 'preload';
  offer.as = 'fetch';
  offer.crossOrigin = 'anonymous';
  offer.href = `/api/programmes/${programme}`;
  document.head.append(offer);
}
