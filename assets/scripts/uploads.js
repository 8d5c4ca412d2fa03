// Photos by drag, button or phone camera. Each is laid into the browser's own store first and goes from there in pieces, so that a
// cut connection, a closed tab or a flat battery loses none; what still waits is shown, what is refused stays named.
import { alone, send, store } from './queue.js';

const AGAIN = 4000;
let busy = false;
const shown = new Map();

function named() {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  const hex = [...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('');
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-${hex.slice(12, 16)}-${hex.slice(16, 20)}-${hex.slice(20)}`;
}

function line(form, name) {
  const row = document.createElement('li');
  const bar = document.createElement('progress');
  const label = document.createElement('span');
  bar.max = 1;
  bar.value = 0;
  bar.setAttribute('aria-label', `sending ${name}`);
  label.textContent = ` ${name}`;
  row.append(bar, label);
  form.querySelector('.uploads').append(row);
  return row;
}

function refuse(item, words, row = shown.get(item.id)?.row) {
  if (row?.isConnected) {
    row.className = 'refused';
    row.replaceChildren(document.createTextNode(`${item.name}: ${words}`));
  } else {
    bar(`${item.name}: ${words}`);
  }
}

// What waits, in a corner of whatever page is open.
function bar(words) {
  let box = document.querySelector('.waitingbar');
  if (!words) {
    box?.remove();
    return;
  }
  if (!box) {
    box = document.createElement('p');
    box.className = 'waitingbar';
    box.setAttribute('role', 'status');
    document.body.append(box);
  }
  box.textContent = words;
}

async function work() {
  if (busy) {
    return;
  }
  busy = true;
  try {
    await alone(drain);
    await settle();
  } finally {
    busy = false;
  }
}

async function drain() {
  const db = await store();
  for (let items = await db.all(); items.length > 0; items = await db.all()) {
    const item = items.sort((a, b) => a.at - b.at)[0];
    bar(`${items.length} ${items.length === 1 ? 'picture' : 'pictures'} on the way`);
    let result = item.refused ?? false;
    try {
      result = item.refused ?? (await send(item, document.querySelector('form[data-upload] [name=_token]')?.value, progress(item)));
    } catch {
      // No connection.
    }
    if (result === false) {
      bar(
        `${items.length} ${items.length === 1 ? 'picture waits' : 'pictures wait'} here for the connection. ` +
          'You may go on, or close this page.',
      );
      await wait();
      continue;
    }
    await db.drop(item.id);
    if (result !== true) {
      refuse(item, result);
      shown.delete(item.id);
    }
  }
  bar('');
}

// What is shown here and waits no longer was stored, by this page or by whoever works the queue off now.
async function settle() {
  const waiting = new Set((await (await store()).all()).map((item) => item.id));
  const forms = new Set();
  for (const [id, { form, row }] of shown) {
    if (!waiting.has(id)) {
      row.remove();
      forms.add(form);
      shown.delete(id);
    }
  }
  renew([...forms]);
  if (shown.size > 0) {
    wait().then(work);
  }
}

const wait = () =>
  new Promise((resolve) => {
    window.setTimeout(resolve, AGAIN);
  });

const progress = (item) => (share) => shown.get(item.id)?.row.querySelector('progress')?.setAttribute('value', String(share));

// The pictures come anew where they stand; what is typed beside them stays where a page says which part to renew.
function renew(forms) {
  for (const form of forms) {
    if (!form.isConnected) {
      continue;
    }
    const { refresh } = form.dataset;
    if (form.querySelector('.refused')) {
      form.querySelector('.uploads').insertAdjacentHTML('afterbegin', '<li>The others are stored. <a href="">Show them</a></li>');
    } else if (refresh) {
      window.htmx.ajax('GET', window.location.href, { target: refresh, select: refresh, swap: 'outerHTML' });
    } else {
      // Without a part to renew the page comes anew, under what is typed in it.
      window.htmx.ajax('GET', window.location.href, { target: document.body, swap: 'in-place' });
    }
  }
}

export async function add(form, files) {
  const db = await store();
  for (const file of files) {
    const item = {
      id: named(),
      action: new URL(form.action).pathname,
      pieces: form.dataset.pieces ?? '/uploads/ID',
      case: form.dataset.case ?? '',
      fields: [...new FormData(form)].filter(([key, value]) => key !== 'photos[]' && typeof value === 'string'),
      name: file.name,
      blob: file,
      at: Date.now() + Math.random(),
    };
    const row = line(form, file.name);
    if (file.size === 0) {
      refuse(item, 'the file is empty. Take it from the phone or card again.', row);
      continue;
    }
    const moves = /^(video|audio)\//.test(file.type);
    const most = Number(moves ? (form.dataset.largestClip ?? form.dataset.largest) : form.dataset.largest);
    if (file.size > most) {
      refuse(
        item,
        `larger than ${Math.floor(most / 1e6)} MB. ` +
          (moves ? 'Record it in a smaller size, or cut it shorter.' : 'Send the picture as the camera made it, not a raw or print file.'),
      );
      continue;
    }
    try {
      await db.put(item);
      shown.set(item.id, { form, row });
    } catch {
      refuse(item, 'this browser has no room left to keep it until it is sent. Make room on the device, or send fewer at once.', row);
    }
  }
  work();
  // With the page closed the service worker goes on, where the browser runs one.
  const worker = await navigator.serviceWorker?.getRegistration?.();
  worker?.sync?.register('photos').catch(() => {});
}

// What waited under a pass that is over goes under the one that was scanned since.
async function retarget(form) {
  if (!form.dataset.case) {
    return;
  }
  const db = await store();
  for (const item of await db.all()) {
    const action = new URL(form.action).pathname;
    if (item.case === form.dataset.case && item.action.startsWith('/phone/') && item.action !== action) {
      await db.put({ ...item, action, pieces: form.dataset.pieces ?? '/uploads/ID' });
    }
  }
}

// On the document: the fields of a form change with the part that is in hand.
document.addEventListener('change', ({ target }) => {
  const form = target.type === 'file' && target.closest('form[data-upload]');
  if (form) {
    const files = [...target.files];
    target.value = '';
    add(form, files);
  }
});
for (const kind of ['dragover', 'dragleave', 'drop']) {
  document.addEventListener(kind, (event) => {
    const form = event.target.closest?.('form[data-upload]');
    form?.classList.toggle('over', kind === 'dragover');
    if (form && kind !== 'dragleave') {
      event.preventDefault();
    }
    if (form && kind === 'drop') {
      add(form, [...event.dataTransfer.files]);
    }
  });
}

export function startUploads(root) {
  for (const form of root.querySelectorAll?.('form[data-upload]') ?? []) {
    retarget(form);
  }
  work();
}

window.addEventListener('online', () => work());
// Only where browsers run one: over HTTPS, or on the shop's own machine.
navigator.serviceWorker?.register(new URL('./waiting.js', import.meta.url), { type: 'module', scope: '/' }).catch(() => {});
