// Small helpers of every page: keys, quiet saving, what happens when the server refuses or cannot be reached.
import { startMarks } from './marks.js';
import { startUploads } from './uploads.js';

const htmx = window.htmx;
const typing = (node) => node.closest?.('input:not([type=radio], [type=checkbox]), textarea, select, [contenteditable]');

document.addEventListener('htmx:beforeSwap', (event) => {
  const { detail } = event;
  if (detail.xhr.status < 400) {
    return;
  }
  // A refusal is a page too: it says what was wrong and keeps what was typed.
  if (detail.xhr.getResponseHeader('Content-Type')?.startsWith('text/html')) {
    detail.shouldSwap = true;
    detail.isError = false;
    const form = event.detail.elt?.closest?.('form[data-autosave]');
    if (form && detail.xhr.status === 422) {
      detail.target = form;
      detail.selectOverride = `#${form.id}`;
      detail.swapOverride = 'outerHTML';
    } else {
      detail.target = document.body;
      detail.swapOverride = 'innerHTML';
    }
  }
});

// A field that could not be sent waits on the page and is sent again.
document.addEventListener('htmx:sendError', (event) => {
  const form = event.detail.elt?.closest?.('form[data-autosave]');
  if (!form) {
    return;
  }
  const mark = form.querySelector('.saved');
  if (mark) {
    mark.textContent = 'not saved yet: no connection. It waits here and is sent again.';
    mark.classList.add('waiting');
  }
  form.dataset.waiting = '1';
  window.setTimeout(() => form.isConnected && htmx.trigger(form, 'again'), 4000);
});
document.addEventListener('htmx:afterRequest', (event) => {
  const form = event.detail.elt?.closest?.('form[data-autosave]');
  if (form && event.detail.xhr.status > 0) {
    delete form.dataset.waiting;
    form.querySelector('.saved')?.classList.remove('waiting');
  }
});
window.addEventListener('beforeunload', (event) => {
  if (document.querySelector('form[data-waiting]')) {
    event.preventDefault();
  }
});
document.addEventListener('htmx:afterSettle', (event) => {
  if (event.detail.boosted && event.detail.requestConfig?.verb === 'get' && !location.hash) {
    window.scrollTo(0, 0);
  }
});

function go(selector) {
  const target = document.querySelector(selector);
  if (!target) {
    return false;
  }
  if (target.matches('a, button, summary')) {
    target.click();
  } else {
    target.focus();
    target.scrollIntoView({ block: 'center' });
  }
  return true;
}

function grade(number) {
  const form = document.querySelector('form[data-grades]');
  const choice = form?.querySelector(`.grades input[value="${number}"]`);
  if (!choice) {
    return false;
  }
  form.closest('details')?.setAttribute('open', '');
  choice.click();
  const kind = form.querySelector(`input[name$="[kind]"][value="${number === '0' ? 'clean' : 'damage'}"]`);
  kind?.click();
  choice.focus();
  return true;
}

document.addEventListener('keydown', (event) => {
  if (event.ctrlKey || event.metaKey || event.altKey || typing(event.target) || document.querySelector('dialog[open]')) {
    return;
  }
  const key = event.key;
  let done = false;
  if (/^[0-4]$/.test(key)) {
    done = grade(key);
  } else if (key === '?') {
    document.querySelector('#keys')?.showModal();
    done = true;
  } else {
    const selector = { '/': '#search', n: '[data-key=n]', b: '[data-key=b]', a: '[data-key=a]', r: '[data-key=r]', l: '[data-key=l]', '.': '[data-key=next]' }[key];
    done = selector ? go(selector) : false;
  }
  if (done) {
    event.preventDefault();
  }
});

document.addEventListener(
  'click',
  (event) => {
    if (event.target.closest('[data-keys]')) {
      document.querySelector('#keys')?.showModal();
    }
    const ask = event.target.closest('[data-ask]');
    if (ask && !window.confirm(ask.dataset.ask)) {
      event.preventDefault();
      event.stopImmediatePropagation();
    }
  },
  true,
);

// The anchors in words beside the kind of damage chosen.
document.addEventListener('change', (event) => {
  if (event.target.matches('select[data-modes]')) {
    const box = event.target.closest('form').querySelector('.mode-help');
    const wanted = document.getElementById(`mode-${event.target.value}`);
    box.replaceChildren(...(wanted ? [wanted.content.cloneNode(true)] : []));
  }
});

function start(root) {
  // On a phone the walk and the wear strip are wider than the screen: what is in hand comes into view.
  for (const current of root.querySelectorAll?.('.walk [aria-current], ol.wear [aria-current]') ?? []) {
    const box = current.closest('.walk, ol.wear');
    const [inner, outer] = [current.getBoundingClientRect(), box.getBoundingClientRect()];
    box.scrollLeft += inner.left - outer.left - (outer.width - inner.width) / 2;
  }
  startUploads(root);
  startMarks(root);
}
document.addEventListener('htmx:load', (event) => start(event.detail.elt));
