// Keeps the files of this folder, so that the page opens again without a connection.
const FILES = ['./', 'index.html', 'page.js', 'page.css', 'manual.html'];
self.addEventListener('install', (event) => {
  event.waitUntil(
    caches
      .open('CACHE')
      .then((cache) => cache.addAll(FILES))
      .then(() => self.skipWaiting()),
  );
});
self.addEventListener('activate', (event) => {
  event.waitUntil(
    caches
      .keys()
      .then((names) =>
        Promise.all(
          names.filter((name) => name.startsWith('kit ') && name !== 'CACHE').map((name) => caches.delete(name)),
        ),
      ),
  );
});
self.addEventListener('fetch', (event) => {
  event.respondWith(caches.match(event.request, { ignoreSearch: true }).then((kept) => kept || fetch(event.request)));
});
