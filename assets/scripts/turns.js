// A form waits its turn. Between the moment an answer is seen and the one in which htmx has taken it up, the browser would send a
// form by itself, and a link would lead to where it led before: what is pressed then is sent as soon as the page is ready. While
// a form is on its way another press in it waits for the answer, and counts only if the same form still stands there: what was
// meant for one part never goes to the next. What is pressed while a field is being saved waits for that field.

import { isSaving, MOMENT, waiting } from './saving.js';
import { tell } from './telling.js';

// htmx takes up what it has put into the page 20 ms later; a clock that is set at the same time and longer comes after it.
const TAKEN_UP = 30;
let settling = 0;
const onItsWay = new Map();
let held = [];
const thenDone = [];

const valuesOf = (form) => new URLSearchParams(new FormData(form)).toString();
const leadsTo = (form) => form.getAttribute('action');
const pressOf = (form, button) => ({
  id: form.id,
  to: leadsTo(form),
  name: button?.name ?? '',
  value: button?.value ?? '',
  fields: valuesOf(form),
});
const isSame = (one, other) => one.name === other.name && one.value === other.value && one.fields === other.fields;

export const isSettling = () => settling > 0;

// Does something once the page has been made ready.
export function whenSettled(act) {
  thenDone.push(act);
}

function send({ form, button, press }) {
  const now = form.isConnected ? form : document.getElementById(press.id);
  if (!now || leadsTo(now) !== press.to) {
    return;
  }
  const same = [...now.elements].find((one) => one.type === 'submit' && one.name === press.name && one.value === press.value);
  if (button && same) {
    same.click();
  } else if (!button) {
    now.requestSubmit();
  }
}

function release() {
  if (settling > 0) {
    return;
  }
  const due = isSaving() ? [] : held.filter(({ form }) => !onItsWay.has(form));
  held = held.filter((one) => !due.includes(one));
  for (const one of due) {
    send(one);
  }
  for (const act of thenDone.splice(0)) {
    act();
  }
}

document.addEventListener('htmx:afterSwap', () => {
  settling++;
  window.setTimeout(() => {
    settling--;
    release();
  }, TAKEN_UP);
});

let pressed = null;
document.addEventListener(
  'submit',
  (event) => {
    const { target: form, submitter: button } = event;
    const isOurs = form.closest('[hx-boost]')?.getAttribute('hx-boost') === 'true' && form.method === 'post';
    // A form that saves itself has an order of its own (leaving.js).
    if (!isOurs || form.matches('[data-autosave], [data-row]')) {
      return;
    }
    const press = pressOf(form, button);
    const isUnsaved = waiting() !== null;
    if (settling === 0 && !onItsWay.has(form) && !isSaving() && !isUnsaved) {
      pressed = { form, press };
      return;
    }
    event.preventDefault();
    event.stopImmediatePropagation();
    if (isUnsaved) {
      tell('Not sent yet: what was typed before it waits for a connection. Once it is saved, press again.');
      return;
    }
    window.setTimeout(release, MOMENT);
    const before = [onItsWay.get(form), ...held.filter((one) => one.form === form).map((one) => one.press)];
    // Pressed twice is meant once.
    if (!before.some((one) => one && isSame(one, press))) {
      held.push({ form, button, press });
    }
  },
  true,
);
document.addEventListener('htmx:beforeRequest', ({ detail }) => {
  if (detail.requestConfig?.verb === 'post' && pressed?.form === detail.elt) {
    onItsWay.set(detail.elt, pressed.press);
    pressed = null;
  }
});
document.addEventListener('htmx:afterRequest', ({ detail }) => {
  // The event comes from the form, or from what stood around it where the form is gone.
  const form = detail.requestConfig?.elt;
  const isField = form?.matches?.('form[data-autosave]');
  if (!onItsWay.delete(form) && !isField) {
    return;
  }
  const { status } = detail.xhr;
  if (status === 0 || status >= 400) {
    // What was refused is read before one goes on.
    if (isField && held.length > 0) {
      tell('Not sent: what was typed before it could not be saved. It says why beside its field; put that right, then press again.');
    }
    held = held.filter((one) => !isField && one.form !== form);
  }
  window.setTimeout(release);
});
