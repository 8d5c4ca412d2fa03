// The readings sheet: Enter moves on and saves, and what a gauge of this bench sends goes into the field in hand.
import { reveal } from './onepart.js';
import { send } from './rows.js';

const values = () => [...document.querySelectorAll('.zeros .value, .sheetrun .entry .value')];
let hand = null;
let stream = null;
let listenedTo = null;

function isChanged(field) {
  if (field.matches('select')) {
    const first = [...field.options].findIndex((option) => option.defaultSelected);
    return field.selectedIndex !== Math.max(0, first);
  }
  return field.matches('input:not([type=hidden])') && field.value !== field.defaultValue;
}

const changed = (form) => [...form.elements].some(isChanged);

function save(form) {
  if (form?.isConnected && !form.closest('[data-leaving]') && changed(form)) {
    const mark = form.querySelector('.saved');
    if (mark) {
      mark.textContent = 'saving';
    }
    send(form);
  }
}

function moveOn(field) {
  const all = values();
  const next = all[all.indexOf(field) + 1];
  // A row is saved by leaving it; a zero check stands for itself.
  if (field.closest('.zeros')) {
    save(field.form);
  }
  if (next) {
    reveal(next);
    next.focus();
    next.select();
    next.scrollIntoView({ block: 'center' });
  } else {
    field.blur();
  }
}

// Where the hand was, when a row comes back from the server in a new copy.
function find(field) {
  return field?.isConnected
    ? field
    : field && document.querySelector(`#${CSS.escape(field.dataset.row)} .value[name="${CSS.escape(field.name)}"]`);
}

function take(event) {
  const shot = JSON.parse(event.data);
  const said = document.querySelector('#listening');
  const field = find(hand);
  const low = shot.batteryLow ? ' Its battery is low: change it and check its zero before the next reading.' : '';
  said.classList.toggle('ask', shot.batteryLow || !field);
  if (!field || field.disabled) {
    said.textContent = `${shot.value} from ${shot.name}: no field is in hand. Touch the field it belongs to and send it again.${low}`;
    return;
  }
  if (field.dataset.gauge && field.dataset.gauge !== shot.gauge) {
    said.textContent = `${shot.value} came from ${shot.name}, but the zero of another gauge is in hand.${low}`;
    return;
  }
  const choice = field.form.elements.gauge;
  if (choice && [...choice.options].some((option) => option.value === shot.gauge)) {
    choice.value = shot.gauge;
  }
  field.value = shot.value;
  said.textContent = `${shot.value} from ${shot.name}.${low}`;
  moveOn(field);
}

function listen() {
  const said = document.querySelector('#listening');
  const wanted = said?.dataset.stream ?? null;
  if (stream && listenedTo !== wanted) {
    stream.close();
    stream = null;
  }
  if (wanted && !stream) {
    listenedTo = wanted;
    // From when the page was drawn: what is sent before the line stands is not lost.
    stream = new EventSource(`${wanted}&since=${said.dataset.since}`);
    stream.addEventListener('reading', take);
    stream.addEventListener('open', () => {
      document.querySelector('#listening')?.setAttribute('data-open', 'yes');
    });
  } else if (stream?.readyState === EventSource.OPEN) {
    said.setAttribute('data-open', 'yes');
  }
}

document.addEventListener('focusin', (event) => {
  if (event.target.matches('.zeros .value, .sheetrun .entry .value')) {
    hand = event.target;
    hand.dataset.row = hand.closest('.sheetrow')?.id ?? hand.id;
  }
});
document.addEventListener('focusout', (event) => {
  const form = event.target.closest?.('.sheetrun form.entry');
  // Leaving a row saves it, whichever way it is left.
  if (form && !form.contains(event.relatedTarget)) {
    save(form);
  }
});
document.addEventListener('keydown', (event) => {
  if (event.key === 'Enter' && event.target.matches?.('.zeros .value, .sheetrun .entry .value')) {
    event.preventDefault();
    moveOn(event.target);
  }
});
document.addEventListener('change', (event) => {
  if (event.target.matches('.gaugebar [data-send]')) {
    event.target.form.requestSubmit();
  }
});
// A page that stays open asks for the next zero check by itself.
window.setInterval(() => {
  for (const zero of document.querySelectorAll('.zero[data-until]')) {
    if (Date.now() / 1000 >= Number(zero.dataset.until)) {
      zero.removeAttribute('data-until');
      zero.classList.add('due');
      zero.querySelector('.state').className = 'state ask';
      zero.querySelector('.state').textContent = 'zero check again: the last is two hours old';
    }
  }
}, 15_000);
window.addEventListener('pagehide', () => stream?.close());

export function startReadings() {
  listen();
  // A row that was saved while it was in hand takes the hand back.
  const field = hand && !hand.isConnected ? find(hand) : null;
  if (field && (document.activeElement === document.body || !document.activeElement)) {
    field.focus();
  }
}
