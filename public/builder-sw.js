// The builder's page without a connection: its own files from the device, everything else from the server first.
const KEPT = 'builder';
self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));
self.addEventListener('fetch', (event) => {
  const { request } = event;
  const { origin, pathname } = new URL(request.url);
  if (request.method !== 'GET' || origin !== self.location.origin) return;
  if (pathname.startsWith('/build/')) event.respondWith(caches.match(request, { cacheName: KEPT }).then((kept) => kept ?? fetch(request)));
  else if (/^\/(b|api\/public)\/[0-9a-f]{32}\/?$/.test(pathname)) event.respondWith(fresh(request));
});
async function fresh(request) {
  const cache = await caches.open(KEPT);
  try {
    const answer = await fetch(request);
    if (answer.ok) await cache.put(request, answer.clone());
    return answer;
  } catch (fault) {
    const kept = await cache.match(request, { ignoreVary: true });
    if (kept) return kept;
    throw fault;
  }
}
