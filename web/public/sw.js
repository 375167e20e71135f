// Where the salon's computer does not answer, a page of our own says so. Nothing else is kept on a device: records stay with the program.
const language = new URL(self.location.href).searchParams.get('language') === 'de' ? 'de' : 'en';
const OFFLINE = `/offline-${language}.html`;
const KEPT = 'offline';

self.addEventListener('install', (event) => {
  event.waitUntil(caches.open(KEPT).then((cache) => cache.add(new Request(OFFLINE, { cache: 'reload' }))));
  self.skipWaiting();
});

self.addEventListener('activate', (event) => {
  event.waitUntil(self.clients.claim());
});

self.addEventListener('fetch', (event) => {
  if (event.request.mode === 'navigate') {
    event.respondWith(fetch(event.request).catch(() => caches.match(OFFLINE)));
  }
});
