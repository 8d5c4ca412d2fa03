// What is on its way comes first: a field that is being saved before the form that is sent, both before a link that is followed. Else
// the answer would come into the page that the link has led to, or never be heard. What was refused is read before one goes on.

import { isSaving, isSavingIn, MOMENT } from './saving.js';
import { isSettling, whenSettled } from './turns.js';

// Whoever types and goes straight to the button.
const thenSent = new Set();
const onItsWay = new Set();
let next = null;

document.addEventListener(
  'submit',
  (event) => {
    if (isSavingIn(event.target)) {
      event.preventDefault();
      event.stopImmediatePropagation();
      thenSent.add(event.target);
    }
  },
  true,
);
// The button of a form that saves itself sends it whole: what hangs on it comes anew, and the page stays where it is.
document.addEventListener('submit', (event) => {
  const form = event.target;
  if (form.matches('form[data-autosave]') && !event.defaultPrevented) {
    event.preventDefault();
    const whole = { source: form, target: document.body, swap: 'innerHTML', headers: { 'X-Autosave': '0' } };
    window.htmx.ajax('POST', form.getAttribute('action'), whole).catch(() => {});
  }
});
document.addEventListener('htmx:beforeRequest', ({ detail }) => detail.requestConfig?.verb === 'post' && onItsWay.add(detail.xhr));
document.addEventListener('htmx:afterRequest', ({ detail }) => {
  if (!onItsWay.delete(detail.xhr)) {
    return;
  }
  const form = detail.elt?.closest?.('form[data-autosave]');
  const { status } = detail.xhr;
  if (form && status > 0) {
    window.setTimeout(() => !isSavingIn(form) && thenSent.delete(form) && form.isConnected && form.requestSubmit());
  }
  if (status >= 400 || (status === 0 && detail.target === document.body)) {
    // It is said on the page.
    stay();
  } else {
    // Once the answer has found its place.
    window.setTimeout(goOn, 60);
  }
});

const isBusy = () =>
  isSettling() || onItsWay.size > 0 || isSaving() || [...thenSent].some((form) => form.isConnected && !form.dataset.waiting);

function stay() {
  next?.link.removeAttribute('aria-busy');
  next = null;
}

function goOn() {
  if (!next || isBusy()) {
    return;
  }
  const { link, href } = next;
  stay();
  if (document.querySelector('[data-refused]')) {
    return;
  }
  // The answer may have turned it to somewhere else.
  if (link.isConnected && link.href === href) {
    link.click();
  } else {
    location.assign(href);
  }
}

const leads = (link) => link.origin === location.origin && !link.target && !link.hasAttribute('download');
const isPlain = (event) => event.button === 0 && !event.ctrlKey && !event.metaKey && !event.shiftKey && !event.altKey;
window.addEventListener(
  'click',
  (event) => {
    const link = event.target.closest?.('a[href]');
    if (!link || !isBusy() || !isPlain(event) || !leads(link)) {
      return;
    }
    if (link.pathname + link.search === location.pathname + location.search && link.hash) {
      return;
    }
    event.preventDefault();
    event.stopImmediatePropagation();
    stay();
    next = { link, href: link.href };
    link.setAttribute('aria-busy', 'true');
    whenSettled(goOn);
    // A form that could not be sent at all has no answer.
    window.setTimeout(goOn, MOMENT + 50);
  },
  true,
);
