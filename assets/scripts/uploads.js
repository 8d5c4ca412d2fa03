// Photos by drag, button or phone camera. Each is laid into the browser's own store first and goes from there in pieces, so that a
// cut connection, a closed tab or a flat battery loses none; what still waits is shown, what is refused stays named.
const PIECE = 512 * 1024;
const AGAIN = 4000;
let opened = null;
let busy = false;
const shown = new Map();

// The store of this browser; where it has none (private windows of some), pictures wait in memory only.
function store() {
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

function refuse(item, words) {
  const row = shown.get(item.id)?.row;
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

async function json(response) {
  try {
    return await response.json();
  } catch {
    return {};
  }
}

// Sends one: true when it is stored, a text when it was refused, false when it has to wait.
async function send(item) {
  const pieces = item.pieces.replace('ID', item.id);
  const progress = (here) => {
    const row = shown.get(item.id)?.row;
    row?.querySelector('progress')?.setAttribute('value', String(here / item.blob.size));
  };
  let answer = await fetch(pieces, { headers: { Accept: 'application/json' } });
  let here = answer.ok ? ((await json(answer)).here ?? -1) : -1;
  while (answer.ok && here >= 0 && here < item.blob.size) {
    progress(here);
    answer = await fetch(`${pieces}?offset=${here}`, { method: 'PUT', body: item.blob.slice(here, here + PIECE), headers: { Accept: 'application/json' } });
    here = answer.ok ? ((await json(answer)).here ?? -1) : here;
  }
  if (answer.ok && here === item.blob.size) {
    const data = new FormData();
    for (const [key, value] of item.fields) {
      data.append(key, value);
    }
    const token = document.querySelector('form[data-upload] [name=_token]');
    if (token && !item.action.startsWith('/phone/')) {
      data.set('_token', token.value);
    }
    data.set('upload', item.id);
    data.set('bytes', String(item.blob.size));
    data.set('name', item.name);
    answer = await fetch(item.action, { method: 'POST', body: data, headers: { Accept: 'application/json' } });
    if (answer.status === 201) {
      progress(item.blob.size);
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

async function work() {
  if (busy) {
    return;
  }
  busy = true;
  const db = await store();
  let taken = 0;
  const forms = new Set();
  try {
    for (let items = await db.all(); items.length > 0; items = await db.all()) {
      const item = items.sort((a, b) => a.at - b.at)[0];
      bar(`${items.length} ${items.length === 1 ? 'picture' : 'pictures'} on the way`);
      let result = false;
      try {
        result = await send(item);
      } catch {
        // No connection.
      }
      if (result === false) {
        bar(`${items.length} ${items.length === 1 ? 'picture waits' : 'pictures wait'} here for the connection. You may go on, or close this page.`);
        await new Promise((resolve) => {
          window.setTimeout(resolve, AGAIN);
        });
        continue;
      }
      await db.drop(item.id);
      const form = shown.get(item.id)?.form;
      if (result === true) {
        taken += 1;
        shown.get(item.id)?.row.remove();
        if (form) {
          forms.add(form);
        }
      } else {
        refuse(item, result);
      }
      shown.delete(item.id);
    }
    bar('');
  } finally {
    busy = false;
  }
  if (taken > 0) {
    renew([...forms]);
  }
}

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
      window.location.reload();
    }
  }
}

async function add(form, files) {
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
    shown.set(item.id, { form, row });
    if (file.size === 0) {
      refuse(item, 'the file is empty. Take it from the phone or card again.');
      continue;
    }
    const most = Number(form.dataset.largest);
    if (file.size > most) {
      refuse(item, `larger than ${Math.floor(most / 1e6)} MB. Send the picture as the camera made it, not a raw or print file.`);
      continue;
    }
    try {
      await db.put(item);
    } catch {
      refuse(item, 'this browser has no room left to keep it until it is sent. Make room on the device, or send fewer at once.');
    }
  }
  work();
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

export function startUploads(root) {
  for (const form of root.querySelectorAll?.('form[data-upload]') ?? []) {
    if (form.dataset.ready) {
      continue;
    }
    form.dataset.ready = '1';
    retarget(form);
    for (const input of form.querySelectorAll('input[type=file]')) {
      input.addEventListener('change', () => {
        const files = [...input.files];
        input.value = '';
        add(form, files);
      });
    }
    form.addEventListener('dragover', (event) => {
      event.preventDefault();
      form.classList.add('over');
    });
    form.addEventListener('dragleave', () => form.classList.remove('over'));
    form.addEventListener('drop', (event) => {
      event.preventDefault();
      form.classList.remove('over');
      add(form, [...event.dataTransfer.files]);
    });
  }
  work();
}

window.addEventListener('online', () => work());
