// Rows that save themselves. What is typed while an answer is on its way is never replaced by that answer, and a row that is
// being replaced is never sent by leaving it: htmx has let go of it then, and the browser would load a new page instead.
const htmx = window.htmx;
const ROW = 'form[data-row]';
const sent = new WeakMap();
const held = (form) => new URLSearchParams(new FormData(form)).toString();
const formOf = (event) => (event.detail.requestConfig?.elt ?? event.detail.elt)?.closest?.(ROW);
const again = (form) => window.setTimeout(() => form.isConnected && htmx.trigger(form, 'again'));

// Sends a row, unless it is on its way out of the page.
export function send(form) {
  if (form.isConnected && !form.closest('[data-leaving]')) {
    form.requestSubmit();
  }
}

// What an answer says was seen last: what is typed now builds on it.
function seenIn(answer, form) {
  const row = new DOMParser().parseFromString(answer, 'text/html').getElementById(form.closest('.sheetrow').id);
  return row?.querySelector('input[name=seen]')?.value ?? form.elements.seen.value;
}

document.addEventListener('htmx:beforeRequest', (event) => {
  const form = formOf(event);
  if (form) {
    sent.set(form, held(form));
  }
});

document.addEventListener('htmx:beforeSwap', (event) => {
  const form = formOf(event);
  const { status, responseText } = event.detail.xhr;
  if (!form || (status >= 400 && status !== 422)) {
    return;
  }
  event.detail.isError = false;
  if (sent.get(form) === held(form)) {
    // A refusal comes back with what was typed, and what was wrong beside it.
    event.detail.shouldSwap = true;
    form.closest('.sheetrow').dataset.leaving = '1';
    return;
  }
  // Somebody typed on: that stays, and goes out as soon as this request has ended.
  event.detail.shouldSwap = false;
  form.elements.seen.value = seenIn(responseText, form);
  form.dataset.typed = '1';
});

document.addEventListener('htmx:afterRequest', (event) => {
  const form = formOf(event);
  if (form?.dataset.typed) {
    delete form.dataset.typed;
    again(form);
  }
});

// A row that htmx has not bound yet: it waits a moment instead of leaving the page.
document.addEventListener('submit', (event) => {
  if (event.target.matches(ROW) && !event.defaultPrevented) {
    event.preventDefault();
    window.setTimeout(() => again(event.target), 60);
  }
});
