const KNOWN = 'civitane-fonts';

const load = () => import('../fonts.css').catch(() => undefined);

/** Puts the fonts on at once where this browser has them from before. */
export function fontsIfKnown() {
  try {
    if (localStorage.getItem(KNOWN)) void load();
  } catch {
    // a browser that keeps nothing gets them with the page
  }
}

/** Fetches the fonts once the page is there: on a slow phone they weigh as much as half of what makes it work. */
export function fontsAfterPage() {
  void load().then(() => {
    try {
      localStorage.setItem(KNOWN, 'yes');
    } catch {
      // as above
    }
  });
}
