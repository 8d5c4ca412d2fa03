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
