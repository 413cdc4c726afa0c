/** Opens whatever a place lies in, and goes there: browsers that do it themselves have then nothing left to do. False while it is not on the page. */
export function reveal(hash: string): boolean {
  if (hash.length < 2) return true;
  const place = document.getElementById(decodeURIComponent(hash.slice(1)));
  if (!place) return false;
  const within = place.querySelector(':scope > details');
  for (let at: Element | null = within ?? place; at; at = at.parentElement)
    if (at instanceof HTMLDetailsElement) at.open = true;
  place.scrollIntoView();
  return true;
}
