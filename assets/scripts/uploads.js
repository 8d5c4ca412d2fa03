// Photos by drag, button or phone camera: one request a file, with progress; what is refused stays named on the page.
const waiting = [];
let busy = false;

function line(form, file) {
  const row = document.createElement('li');
  const bar = document.createElement('progress');
  const name = document.createElement('span');
  bar.max = 1;
  bar.value = 0;
  bar.setAttribute('aria-label', `sending ${file.name}`);
  name.textContent = ` ${file.name}`;
  row.append(bar, name);
  form.querySelector('.uploads').append(row);
  return row;
}

function refuse(row, words, again) {
  row.className = 'refused';
  const name = row.querySelector('span').textContent.trim();
  row.replaceChildren(document.createTextNode(`${name}: ${words} `));
  if (again) {
    const button = document.createElement('button');
    button.type = 'button';
    button.className = 'button quiet';
    button.textContent = 'Send again';
    button.addEventListener('click', () => {
      row.remove();
      again();
    });
    row.append(button);
  }
}

function said(request) {
  try {
    const answer = JSON.parse(request.responseText);
    return answer.error ?? answer.refused?.[0]?.message ?? '';
  } catch {
    return '';
  }
}

function send({ form, file, row }) {
  return new Promise((resolve) => {
    const most = Number(form.dataset.largest);
    if (file.size > most) {
      refuse(row, `larger than ${Math.floor(most / 1e6)} MB. Send the picture as the camera made it, not a raw or print file.`);
      resolve(false);
      return;
    }
    const data = new FormData(form);
    data.delete('photos[]');
    data.append('photos[]', file);
    const request = new XMLHttpRequest();
    request.open('POST', form.action);
    request.setRequestHeader('Accept', 'application/json');
    request.upload.addEventListener('progress', (event) => {
      row.querySelector('progress').value = event.total ? event.loaded / event.total : 0;
    });
    const again = () => add(form, [file]);
    request.addEventListener('load', () => {
      if (request.status === 201) {
        row.remove();
        resolve(true);
        return;
      }
      refuse(row, said(request) || 'the server did not take it.', request.status === 507 || request.status >= 500 ? again : null);
      resolve(false);
    });
    request.addEventListener('error', () => {
      refuse(row, 'the connection broke off. Nothing of it was kept.', again);
      resolve(false);
    });
    request.send(data);
  });
}

async function work() {
  if (busy) {
    return;
  }
  busy = true;
  let taken = 0;
  let form = null;
  while (waiting.length > 0) {
    const next = waiting.shift();
    form = next.form;
    taken += (await send(next)) ? 1 : 0;
  }
  busy = false;
  if (taken > 0 && form?.isConnected) {
    const lists = form.querySelectorAll('.refused');
    const { refresh } = form.dataset;
    if (lists.length === 0 && refresh) {
      // Only the pictures come anew: what is typed beside them stays.
      window.htmx.ajax('GET', window.location.href, { target: refresh, select: refresh, swap: 'outerHTML' });
    } else if (lists.length === 0) {
      window.location.reload();
    } else {
      form.querySelector('.uploads').insertAdjacentHTML('afterbegin', `<li>${taken} stored. <a href="">Show them</a></li>`);
    }
  }
}

function add(form, files) {
  for (const file of files) {
    waiting.push({ form, file, row: line(form, file) });
  }
  work();
}

export function startUploads(root) {
  for (const form of root.querySelectorAll?.('form[data-upload]') ?? []) {
    if (form.dataset.ready) {
      continue;
    }
    form.dataset.ready = '1';
    const input = form.querySelector('input[type=file]');
    input.addEventListener('change', () => {
      add(form, [...input.files]);
      input.value = '';
    });
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
}
