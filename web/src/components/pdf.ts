/** Opens a PDF that is made when it is asked for in a tab of its own; the tab opens at once, so that none is blocked. */
export async function openPdf(make: () => Promise<unknown>) {
  const tab = window.open('', '_blank');
  try {
    const pdf = (await make()) as Blob;
    if (tab) tab.location.href = URL.createObjectURL(pdf);
  } catch (problem) {
    tab?.close();
    throw problem;
  }
}
