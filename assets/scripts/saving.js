// Forms that save themselves: which of them hold something that the server does not have yet. Whatever is sent after it, or
// followed, waits for that: a signature is for what stands on the page, not for what was saved before it.

// A changed field is sent 120 ms later (platform/_autosave.html.twig), or so soon as a slow phone gets to it. Nothing waits longer
// for a form that did not send itself.
export const MOMENT = 1500;
const FORM = 'form[data-autosave]';
const changed = new Map();
const onItsWay = new Map();

document.addEventListener('change', ({ target }) => target.form?.matches(FORM) && changed.set(target.form, Date.now()), true);
document.addEventListener('htmx:validation:halted', ({ target }) => changed.delete(target.closest(FORM)));
document.addEventListener('htmx:beforeRequest', ({ detail }) => {
  const form = detail.requestConfig?.verb === 'post' ? detail.elt?.closest?.(FORM) : null;
  if (form) {
    // What is changed from now on is not in it.
    changed.delete(form);
    onItsWay.set(detail.xhr, form);
  }
});
document.addEventListener('htmx:afterRequest', ({ detail }) => onItsWay.delete(detail.xhr));

const isDue = (form, since) => form.isConnected && !form.dataset.waiting && Date.now() - since < MOMENT;

export const isSavingIn = (form) => changed.has(form) || [...onItsWay.values()].includes(form);
export const isSaving = () => onItsWay.size > 0 || [...changed].some(([form, since]) => isDue(form, since));

// One that could not be sent waits on the page and is sent again.
export const waiting = () => document.querySelector(`${FORM}[data-waiting]`);
