// The line that asks: words that its last one may become, taken by a tap or by the arrow keys and Enter.
const list = (field) => document.querySelector(`#${field.id}-words`);

function clear(field) {
  list(field).replaceChildren();
}

function take(button) {
  const words = button.closest('.askwords');
  const field = document.querySelector(`#${words.id.replace(/-words$/, '')}`);
  field.value = button.dataset.becomes;
  words.replaceChildren();
  field.focus();
  // A field that was named wants its word next.
  if (/[:=]$/.test(field.value)) {
    field.dispatchEvent(new Event('input', { bubbles: true }));
  }
}

document.addEventListener('click', (event) => {
  const button = event.target.closest('.askwords button');
  if (button) {
    take(button);
    return;
  }
  for (const field of document.querySelectorAll('[data-askline]')) {
    if (!event.target.closest('form')?.contains(field)) {
      clear(field);
    }
  }
});

document.addEventListener('keydown', (event) => {
  const form = event.target.closest?.('form');
  const field = form?.querySelector('[data-askline]');
  if (!field || !['ArrowDown', 'ArrowUp', 'Escape'].includes(event.key)) {
    return;
  }
  const all = [field, ...list(field).querySelectorAll('button')];
  if (all.length === 1) {
    return;
  }
  event.preventDefault();
  if (event.key === 'Escape') {
    clear(field);
    field.focus();
    return;
  }
  const now = all.indexOf(document.activeElement);
  all[(now + (event.key === 'ArrowDown' ? 1 : all.length - 1)) % all.length].focus();
});
