// The drawing of a unit and whatever else leads to a part, such as the wear strip, point to each other; the name of the
// part under the hand is seen, also where the others are not.
const partOf = (link) => link?.href && new URL(link.href, location.href).pathname.match(/\/parts\/([a-z0-9-]+)$/)?.[1];

function point(target, on) {
  const link = target.closest?.('a[href]');
  const part = target.closest?.('.unitpicture .p')?.dataset.part ?? link?.querySelector(':scope > .p')?.dataset.part ?? partOf(link);
  if (!part || !document.querySelector('.unitpicture')) {
    return;
  }
  for (const drawn of document.querySelectorAll(`.unitpicture [data-part="${CSS.escape(part)}"]`)) {
    drawn.classList.toggle('hand', on);
  }
  for (const name of document.querySelectorAll(`.unitpicture .labels [data-for="${CSS.escape(part)}"]`)) {
    name.classList.toggle('on', on);
  }
  for (const cell of document.querySelectorAll(`#wear a[href$="/parts/${CSS.escape(part)}"]`)) {
    cell.classList.toggle('pointed', on);
  }
}

for (const [event, on] of [
  ['pointerover', true],
  ['pointerout', false],
  ['focusin', true],
  ['focusout', false],
]) {
  document.addEventListener(event, ({ target }) => point(target, on));
}

// The path of harm, step by step: what comes later is not there yet.
function play(figure, at) {
  const most = Number(figure.dataset.harm);
  const step = Math.min(most, Math.max(1, at));
  figure.querySelector('input[type=range]').value = step;
  figure.querySelector('[data-at]').textContent = `${step} of ${most}`;
  for (const one of document.querySelectorAll('.harm[data-step], .harmsteps [data-step]')) {
    const its = Number(one.dataset.step);
    one.classList.toggle('later', its > step);
    one.classList.toggle('now', its === step);
  }
}

export function startHarm(root) {
  for (const figure of root.querySelectorAll?.('.harmplay') ?? []) {
    figure.querySelector('.scrub').hidden = false;
    play(figure, Number(figure.dataset.harm));
  }
}

document.addEventListener('input', ({ target }) => {
  const figure = target.type === 'range' ? target.closest('.harmplay') : null;
  if (figure) {
    play(figure, Number(target.value));
  }
});

document.addEventListener('click', ({ target }) => {
  const button = target.closest?.('.harmplay [data-back], .harmplay [data-on]');
  if (button) {
    const figure = button.closest('.harmplay');
    const most = Number(figure.dataset.harm);
    const at = Number(figure.querySelector('input[type=range]').value);
    const next = 'back' in button.dataset ? at - 1 : at === most ? 1 : at + 1;
    play(figure, next);
  }
});
