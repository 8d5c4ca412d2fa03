// The service worker: sends what waits when no page of ours is open any more. What is refused stays until a page can say so.
import { alone, send, store } from './queue.js';

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));
self.addEventListener('sync', (event) => {
  if (event.tag === 'photos') {
    event.waitUntil(alone(drain));
  }
});

async function drain() {
  const db = await store();
  for (const item of (await db.all()).filter((one) => !one.refused).sort((a, b) => a.at - b.at)) {
    const result = await send(item, null, () => {});
    if (result === false) {
      // The browser asks again by itself.
      throw new Error('no connection');
    }
    await (result === true ? db.drop(item.id) : db.put({ ...item, refused: result }));
  }
}
