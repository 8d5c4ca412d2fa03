// A file on its way says how far it is, beside the button that sent it; then that it is being read.
function row(form) {
  let box = form.querySelector('.sending');
  if (!box) {
    box = document.createElement('p');
    box.className = 'sending';
    box.setAttribute('role', 'status');
    const bar = document.createElement('progress');
    bar.max = 1;
    bar.setAttribute('aria-label', 'sent so far');
    box.append(bar, document.createElement('span'));
    (form.querySelector('.actions') ?? form).append(box);
  }
  return box;
}

const carriesFile = (form) => form.enctype === 'multipart/form-data' && [...form.elements].some((one) => one.files?.length > 0);

function say(form, share) {
  const box = row(form);
  const bar = box.querySelector('progress');
  // What comes after the whole has gone is the answer on its way.
  if (bar.value === 1 && share > 0) {
    return;
  }
  bar.value = share;
  box.querySelector('span').textContent = share < 1 ? ` Sending, ${Math.round(100 * share)} %` : ' It is there, and is being read.';
}

document.addEventListener('htmx:beforeRequest', ({ detail }) => {
  if (detail.elt.matches('form') && carriesFile(detail.elt)) {
    say(detail.elt, 0);
  }
});
document.addEventListener('htmx:xhr:progress', ({ target, detail }) => {
  if (target.matches?.('form') && carriesFile(target) && detail.lengthComputable) {
    say(target, detail.loaded / detail.total);
  }
});
document.addEventListener('htmx:afterRequest', ({ detail }) => {
  const form = detail.requestConfig?.elt;
  form?.querySelector?.('.sending')?.remove();
  // What was taken is not sent a second time; what was refused is still chosen.
  for (const one of detail.xhr.status < 400 && form?.matches('form') ? [...form.elements].filter(({ type }) => type === 'file') : []) {
    one.value = '';
  }
});
