/** Keeps the page and what it needs on the device, so that it opens again without a connection. */
export async function keepForLater(token: string): Promise<void> {
  if (!('serviceWorker' in navigator) || !('caches' in window)) return;
  try {
    await navigator.serviceWorker.register('/builder-sw.js', { scope: '/b/' });
    const cache = await caches.open('builder');
    const files = performance
      .getEntriesByType('resource')
      .map((entry) => new URL(entry.name))
      .filter((url) => url.origin === location.origin && url.pathname.startsWith('/build/'))
      .map((url) => url.pathname);
    await cache.addAll([`/b/${token}`, `/api/public/${token}`, ...new Set(files)]);
  } catch {
    // Without room on the device the page needs its connection; nothing else changes.
  }
}
