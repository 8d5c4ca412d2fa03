// In the drawing of a unit the name of the part under the hand is seen, also where the others are not.
function name(part, on) {
  const drawing = part?.closest('.unitpicture');
  drawing?.querySelector(`.labels [data-for="${CSS.escape(part.dataset.part)}"]`)?.classList.toggle('on', on);
}

for (const [event, on] of [
  ['pointerover', true],
  ['pointerout', false],
  ['focusin', true],
  ['focusout', false],
]) {
  document.addEventListener(event, ({ target }) => {
    name(target.closest?.('.unitpicture .p') ?? target.querySelector?.(':scope > .p'), on);
  });
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
