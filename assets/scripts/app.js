// Small helpers of every page: keys, quiet saving, what happens when the server refuses or cannot be reached.
import './ask.js';
import { startChain } from './chain.js';
import { startClips } from './clips.js';
import { startCompare } from './compare.js';
import { startDrafts } from './drafts.js';
import { startFigures } from './figures.js';
import { proposal } from './keys.js';
import './leaving.js';
import { startMarks } from './marks.js';
import { startOnePart } from './onepart.js';
import { watchPlace } from './place.js';
import './proof.js';
import './sending.js';
import { startReadings } from './readings.js';
import { startSpeech } from './speech.js';
import { tell } from './telling.js';
import { startHarm } from './unit.js';
import { startUploads } from './uploads.js';

const htmx = window.htmx;

// What a refusal says, out of the page that says it.
function words(xhr) {
  const page = new DOMParser().parseFromString(xhr.responseText, 'text/html');
  return (
    (page.querySelector('[role=alert] p') ?? page.querySelector('[role=alert]'))?.textContent.trim() ||
    'The server could not do this. What you typed is still here; try again.'
  );
}

// What a form that saves itself held when it was sent.
const sent = new WeakMap();
const held = (form) => new URLSearchParams(new FormData(form)).toString();
document.addEventListener('htmx:beforeRequest', (event) => {
  const form = event.detail.elt;
  if (form.matches?.('form[data-autosave]')) {
    sent.set(form, held(form));
  }
});

document.addEventListener('htmx:beforeSwap', (event) => {
  const { detail } = event;
  const { status } = detail.xhr;
  if (status < 400) {
    return;
  }
  if (detail.requestConfig?.elt?.matches?.('[data-poll]')) {
    // Nobody asked for it; it is asked for again by itself.
    detail.shouldSwap = false;
    detail.isError = false;
    return;
  }
  // The event comes from what would be swapped; a row of the readings sheet is swapped by the form in it.
  const row = detail.requestConfig?.elt?.closest?.('form[data-row]');
  if (row && status === 422) {
    // What becomes of it is the row's own business.
    return;
  }
  const form = row ?? detail.requestConfig?.elt?.closest?.('form');
  detail.isError = false;
  if ((status === 422 && !(form && detail.xhr.getResponseHeader('X-Refused'))) || (!form && status !== 401)) {
    // The page comes back with its fields as typed and what was wrong beside them.
    detail.shouldSwap = true;
    const own = form?.matches('[data-autosave]') ? form : null;
    if (own && sent.has(own) && sent.get(own) !== held(own)) {
      // Somebody is still typing in it: what is typed now is not replaced; leaving the field sends it.
      detail.shouldSwap = false;
      return;
    }
    detail.target = own ?? document.body;
    detail.selectOverride = own ? `#${own.id}` : null;
    detail.swapOverride = own ? 'outerHTML' : 'innerHTML';
    return;
  }
  // Anything else leaves the page, and what was typed, as it is.
  detail.shouldSwap = false;
  const mark = form?.querySelector('.saved');
  if (mark) {
    mark.textContent = `not saved: ${words(detail.xhr)}`;
    mark.classList.add('waiting');
  } else {
    tell(words(detail.xhr), status);
  }
});

// A field that could not be sent waits on the page and is sent again.
function waits(event) {
  const form = event.detail.elt?.closest?.('form[data-autosave], form[data-row]');
  if (!form) {
    if (event.detail.requestConfig?.verb === 'post') {
      tell('The server cannot be reached. What you typed is kept here, also if you close this page: send it again when it is back.');
    }
    return;
  }
  const mark = form.querySelector('.saved');
  if (mark) {
    mark.textContent = 'not saved yet: no connection. It waits here and is sent again.';
    mark.classList.add('waiting');
  }
  form.dataset.waiting = '1';
  window.setTimeout(() => form.isConnected && htmx.trigger(form, 'again'), 4000);
}
document.addEventListener('htmx:sendError', waits);
document.addEventListener('htmx:timeout', waits);
document.addEventListener('htmx:afterRequest', (event) => {
  const form = event.detail.elt?.closest?.('form[data-autosave], form[data-row]');
  if (form && event.detail.xhr.status > 0) {
    delete form.dataset.waiting;
    form.querySelector('.saved')?.classList.toggle('waiting', event.detail.xhr.status >= 400);
  }
});
window.addEventListener('beforeunload', (event) => {
  if (document.querySelector('form[data-waiting]')) {
    event.preventDefault();
  }
});
document.addEventListener('htmx:afterSettle', (event) => {
  if (event.detail.boosted && event.detail.requestConfig?.verb === 'get' && !location.hash) {
    window.scrollTo(0, 0);
  }
});

// Marks a line of a long text and brings it into view.
function showLine(field, line) {
  const lines = field.value.split('\n');
  const start = lines.slice(0, line - 1).join('\n').length + (line > 1 ? 1 : 0);
  field.focus();
  field.setSelectionRange(start, start + (lines[line - 1]?.length ?? 0));
  field.scrollTop = Math.max(0, (line - 5) * (field.scrollHeight / lines.length));
}

document.addEventListener(
  'click',
  (event) => {
    const wrong = event.target.closest('[data-line]');
    if (wrong) {
      showLine(document.querySelector('#book-text'), Number(wrong.dataset.line));
    }
    if (event.target.closest('[data-all]')) {
      const boxes = [...event.target.closest('form').querySelectorAll('[type=checkbox]')];
      const all = boxes.every((box) => box.checked);
      for (const box of boxes) {
        box.checked = !all;
      }
    }
    const faint = event.target.closest('[data-proposal]');
    if (faint) {
      event.preventDefault();
      // By a tap it is taken; the keys of the drawing refuse it, and Undo takes it back.
      proposal(faint, 't');
    }
    if (event.target.closest('[data-keys]')) {
      document.querySelector('#keys')?.showModal();
    }
    if (event.target.closest('[data-print]')) {
      window.print();
    }
    const ask = event.target.closest('[data-ask]');
    if (ask && !window.confirm(ask.dataset.ask)) {
      event.preventDefault();
      event.stopImmediatePropagation();
    }
  },
  true,
);

// The anchors in words beside the kind of damage chosen.
document.addEventListener('change', (event) => {
  if (event.target.matches('select[data-modes]')) {
    const box = event.target.closest('form').querySelector('.mode-help');
    const wanted = document.getElementById(`mode-${event.target.value}`);
    box.replaceChildren(...(wanted ? [wanted.content.cloneNode(true)] : []));
    // Examples of another kind of damage say nothing about this one's grade.
    for (const one of event.target.closest('form').querySelectorAll('[data-example]')) {
      one.hidden = event.target.value !== '' && one.dataset.example !== event.target.value;
    }
    // Where it lies, or how it broke: only what can be said of such a damage.
    for (const option of event.target.closest('form').querySelectorAll('option[data-with]')) {
      option.hidden = !option.dataset.with.split(' ').includes(event.target.value);
      option.selected = option.selected && !option.hidden;
    }
  }
});

// What the book asks back of the complaint chosen.
document.addEventListener('change', (event) => {
  const ask = event.target.selectedOptions?.[0]?.dataset.ask;
  const help = ask && event.target.form?.querySelector('textarea[name$="[answer]"]')?.closest('.field').querySelector('.help');
  if (help) {
    help.textContent = ask;
  }
});

// Time worked on a strip step: while its page is in sight, for who leaves the field empty.
let since = Date.now();
let worked = 0;
let timed = '';
document.addEventListener('visibilitychange', () => {
  worked += document.hidden ? Date.now() - since : 0;
  since = Date.now();
});
document.addEventListener(
  'submit',
  (event) => {
    const minutes = event.target.querySelector?.('[data-minutes]');
    const spent = Math.round((worked + (document.hidden ? 0 : Date.now() - since)) / 60_000);
    if (minutes && minutes.value === '' && spent > 0) {
      minutes.value = String(spent);
    }
  },
  true,
);

function start(root) {
  const step = root.querySelector?.('[data-minutes]')?.form.action;
  if (step && step !== timed) {
    [since, worked, timed] = [Date.now(), 0, step];
  }
  // On a phone the walk and the wear strip are wider than the screen: what is in hand comes into view.
  for (const current of root.querySelectorAll?.('.walk [aria-current], ol.wear [aria-current]') ?? []) {
    const box = current.closest('.walk, ol.wear');
    const [inner, outer] = [current.getBoundingClientRect(), box.getBoundingClientRect()];
    box.scrollLeft += inner.left - outer.left - (outer.width - inner.width) / 2;
  }
  startOnePart();
  startFigures();
  startReadings();
  startUploads(root);
  startChain(root);
  startHarm(root);
  startMarks(root);
  startCompare(root);
  startClips(root);
  startSpeech(root);
  startDrafts(root);
}
document.addEventListener('htmx:load', (event) => start(event.detail.elt));
// After the other listeners: it goes by what they have decided.
watchPlace();
