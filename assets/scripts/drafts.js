// What is typed is kept in this browser until the server has it: by person, page and form. It is there again after a reload, a
// lapsed log-in, a flat battery; where somebody has saved something else meanwhile it is offered, not put over it.
import { fieldsOf, fill, isTyped, nameForms, settle, typedIn, valuesOf } from './forms.js';

const { htmx } = window;
const PREFIX = 'draft:';
const DAYS = 14;
const BY_ITSELF = 'form[data-autosave], form[data-row]';
const at = () => `${PREFIX}${document.body.dataset.person ?? ''}:${location.pathname}:`;
const isKept = (form) => form.method === 'post' && form.id && !form.closest('.topline') && !form.matches('[data-upload], [data-unkept]');

function read(key) {
  try {
    return JSON.parse(localStorage.getItem(key) ?? 'null');
  } catch {
    return null;
  }
}

function clock(time) {
  return new Date(time).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' });
}

function note(form) {
  let box = form.querySelector('.draft');
  if (!box) {
    box = document.createElement('p');
    box.className = 'draft';
    box.setAttribute('role', 'status');
    const actions = form.querySelector('.actions');
    (actions ?? form).append(box);
  }
  return box;
}

function button(words, act) {
  const one = document.createElement('button');
  one.type = 'button';
  one.textContent = words;
  one.addEventListener('click', act);
  return one;
}

function drop(form) {
  localStorage.removeItem(at() + form.id);
  form.querySelector('.draft')?.remove();
}

function keep(form) {
  nameForms(document);
  if (!isKept(form)) {
    return;
  }
  const fields = typedIn(form);
  if (Object.keys(fields).length === 0) {
    drop(form);
    return;
  }
  try {
    localStorage.setItem(at() + form.id, JSON.stringify({ time: Date.now(), fields }));
  } catch {
    // No room, or no store: it stays on the page only.
    return;
  }
  if (!form.matches(BY_ITSELF)) {
    note(form).replaceChildren('kept here as you type');
  }
}

// Puts what was typed back into its fields; true if any of it differs from what stands there.
function putBack(form, fields) {
  for (const [name, [typed]] of Object.entries(fields)) {
    fill(form, name, typed);
  }
  form.closest('details')?.setAttribute('open', '');
  if (form.matches(BY_ITSELF)) {
    window.setTimeout(() => htmx.trigger(form, 'again'));
  }
}

function startOver(form) {
  drop(form);
  form.reset();
}

function offer(form, kept) {
  const first = valuesOf(form, true);
  const fields = Object.fromEntries(
    Object.entries(kept.fields).filter(([name, [typed]]) => first[name] && first[name].join('\n') !== typed.join('\n')),
  );
  const others = Object.entries(fields).filter(([name, [, stood]]) => first[name].join('\n') !== stood.join('\n'));
  if (Object.keys(fields).length === 0) {
    drop(form);
    return;
  }
  if (others.length === 0) {
    putBack(form, fields);
    if (!form.matches(BY_ITSELF)) {
      note(form).replaceChildren(
        `Typed here at ${clock(kept.time)} and not sent yet. `,
        button('Throw it away', () => startOver(form)),
      );
    }
    return;
  }
  const words = others.map(([, [typed]]) => `“${typed.join(', ')}”`).join(', ');
  note(form).replaceChildren(
    `Typed here at ${clock(kept.time)} and not sent: ${words}. Meanwhile this was changed. `,
    button('Put mine back', () => {
      putBack(form, fields);
      keep(form);
    }),
    ' ',
    button('Throw mine away', () => startOver(form)),
  );
}

document.addEventListener('input', (event) => event.target.form && keep(event.target.form));
document.addEventListener('change', (event) => event.target.form && keep(event.target.form));
// Taken by the server: only what is typed since stays kept.
const sent = new WeakMap();
document.addEventListener('htmx:beforeRequest', (event) => {
  if (event.detail.elt.matches?.('form')) {
    sent.set(event.detail.elt, { values: valuesOf(event.detail.elt), fields: fieldsOf(event.detail.elt) });
  }
});
document.addEventListener('htmx:afterRequest', (event) => {
  const form = event.detail.requestConfig?.elt?.closest?.('form');
  const { status } = event.detail.xhr;
  if (form?.id && event.detail.requestConfig.verb === 'post' && status >= 200 && status < 400) {
    drop(form);
    const { values, fields } = sent.get(form) ?? {};
    if (form.isConnected && values) {
      // Where the answer has not filled it anew, it holds what the server has now.
      const isAsSent = Object.keys(values).every((name) => valuesOf(form)[name]?.join('\n') === values[name].join('\n'));
      if (isAsSent || form.matches(BY_ITSELF)) {
        // A field that came with the answer holds what the server has.
        settle(
          fields.filter((one) => one.isConnected),
          values,
        );
      }
      keep(form);
    }
  }
});
// A form that leaves the page is sent by the browser itself.
document.addEventListener('submit', (event) => {
  const form = event.target;
  if (!event.defaultPrevented && form.closest('[hx-boost]')?.getAttribute('hx-boost') === 'false') {
    drop(form);
  }
});

export function startDrafts(root) {
  nameForms(document);
  for (const form of root.querySelectorAll?.('form') ?? []) {
    const kept = isKept(form) ? read(at() + form.id) : null;
    if (kept && !form.dataset.offered && !isTyped(form)) {
      offer(form, kept);
    }
    form.dataset.offered = '1';
  }
}

// What nobody came back for.
for (const key of Object.keys(localStorage).filter((one) => one.startsWith(PREFIX))) {
  if (!((read(key)?.time ?? 0) > Date.now() - DAYS * 86_400_000)) {
    localStorage.removeItem(key);
  }
}
