// The bench of figures: the dimension of the field in hand lights up in the drawing; answers are copied.
function light(form) {
  const hand = form.contains(document.activeElement) ? document.activeElement.closest('[data-dim]')?.dataset.dim : null;
  for (const dim of document.querySelectorAll('.drawing .dim')) {
    dim.classList.toggle('inhand', dim.dataset.dim === hand);
  }
}

async function copy(text, box) {
  const said = box.querySelector('[data-copied]');
  try {
    await navigator.clipboard.writeText(text);
    said.textContent = 'copied';
  } catch {
    // Without leave to use the clipboard the text is shown, ready to be taken by hand.
    said.textContent = '';
    const area = document.createElement('textarea');
    area.value = text;
    area.rows = 6;
    area.setAttribute('aria-label', 'Copy this text');
    box.append(area);
    area.select();
  }
}

export function startFigures() {
  const form = document.querySelector('form[data-figure]');
  if (form) {
    light(form);
  }
  if (form && !form.dataset.ready) {
    form.dataset.ready = '1';
    form.addEventListener('focusin', () => light(form));
    form.addEventListener('submit', (event) => event.preventDefault());
  }
}

document.addEventListener('click', (event) => {
  const button = event.target.closest('[data-copy], [data-copy-link]');
  if (button) {
    const text = button.dataset.copy ? document.querySelector(button.dataset.copy).content.textContent : location.href;
    copy(text, button.closest('.takeaway'));
  }
});
