// What waits in this browser to be sent: kept in IndexedDB, sent in pieces, by an open page or by the service worker.
const PIECE = 512 * 1024;
let opened = null;

// The store of this browser; where it has none (private windows of some), pictures wait in memory only.
export function store() {
  opened ??= new Promise((resolve) => {
    const memory = new Map();
    const spare = {
      all: async () => [...memory.values()],
      put: async (item) => memory.set(item.id, item),
      drop: async (id) => memory.delete(id),
    };
    let request;
    try {
      request = indexedDB.open('japhrex', 1);
    } catch {
      resolve(spare);
      return;
    }
    request.onupgradeneeded = () => request.result.createObjectStore('waiting', { keyPath: 'id' });
    request.onerror = () => resolve(spare);
    request.onsuccess = () => {
      const run = (mode, what) =>
        new Promise((done, failed) => {
          const asked = what(request.result.transaction('waiting', mode).objectStore('waiting'));
          asked.onsuccess = () => done(asked.result);
          asked.onerror = () => failed(asked.error);
        });
      resolve({
        all: () => run('readonly', (waiting) => waiting.getAll()),
        put: (item) => run('readwrite', (waiting) => waiting.put(item)),
        drop: (id) => run('readwrite', (waiting) => waiting.delete(id)),
      });
    };
  });
  return opened;
}

async function json(response) {
  try {
    return await response.json();
  } catch {
    return {};
  }
}

// Sends one, with the token of the page that is open if there is one: true when it is stored, a text when it was
// refused, false when it has to wait.
export async function send(item, token, progress) {
  const pieces = item.pieces.replace('ID', item.id);
  let answer = await fetch(pieces, { headers: { Accept: 'application/json' } });
  let here = answer.ok ? ((await json(answer)).here ?? -1) : -1;
  while (answer.ok && here >= 0 && here < item.blob.size) {
    progress(here / item.blob.size);
    answer = await fetch(`${pieces}?offset=${here}`, {
      method: 'PUT',
      body: item.blob.slice(here, here + PIECE),
      headers: { Accept: 'application/json' },
    });
    here = answer.ok ? ((await json(answer)).here ?? -1) : here;
  }
  if (answer.ok && here === item.blob.size) {
    const data = new FormData();
    for (const [key, value] of item.fields) {
      data.append(key, value);
    }
    if (token && !item.action.startsWith('/phone/')) {
      data.set('_token', token);
    }
    data.set('upload', item.id);
    data.set('bytes', String(item.blob.size));
    data.set('name', item.name);
    answer = await fetch(item.action, { method: 'POST', body: data, headers: { Accept: 'application/json' } });
    if (answer.status === 201) {
      progress(1);
      return true;
    }
  }
  // Signed out, a pass that is over, no room, a server that is down: it is kept and tried again.
  if ([401, 403, 410, 502, 503, 504, 507].includes(answer.status) || answer.status >= 500 || answer.redirected) {
    return false;
  }
  const told = await json(answer);
  return told.error ?? told.refused?.[0]?.message ?? 'the server did not take it.';
}

// One of all pages and the service worker works the queue off at a time, where the browser can say so.
export function alone(work) {
  return navigator.locks ? navigator.locks.request('photos', { ifAvailable: true }, (lock) => (lock ? work() : null)) : work();
}
