// The chain as a desk: what is chosen in the drawing is shown below it, a link is drawn from the cause to its effect by hand
// or by key, a faint arrow is taken by a tap. Without this all of it stands on the page and works by form.
const details = () => document.querySelector('#details');
const says = (words) => {
  const line = document.querySelector('#joining-says');
  if (line) {
    line.textContent = words;
  }
};

function pick(id) {
  const panel = details();
  const chosen = panel?.querySelector(`#${CSS.escape(id)}`);
  if (!chosen) {
    return;
  }
  for (const one of document.querySelectorAll('.picked')) {
    one.classList.remove('picked');
  }
  panel.classList.add('picking');
  chosen.classList.add('picked');
  panel.querySelector('#joinbox').replaceChildren();
  document
    .querySelector(`.chain-svg a[href="#${CSS.escape(id)}"]`)
    ?.closest('g[data-node], a')
    ?.classList.add('picked');
  panel.scrollTop = 0;
}

function unpick() {
  details()?.classList.remove('picking');
  for (const one of document.querySelectorAll('.picked, .cause')) {
    one.classList.remove('picked', 'cause');
  }
}

const node = (target) => target?.closest?.('.chaindesk.live .chain-svg [data-node]');
const called = (group) => group.querySelector('title').textContent.split('. Left open:')[0].trim();

async function join(from, to) {
  unpick();
  const url = new URL(document.querySelector('#chainbox').dataset.join, location.href);
  url.searchParams.set('from', from.dataset.node);
  url.searchParams.set('to', to.dataset.node);
  details().classList.add('picking');
  says('');
  await window.htmx.ajax('GET', url.pathname + url.search, { target: '#joinbox', swap: 'innerHTML' });
  document.querySelector('#joinbox button')?.focus();
}

// A cause that was named waits for its effect.
function cause(group) {
  const waiting = document.querySelector('.chain-svg .cause');
  if (waiting && waiting !== group) {
    join(waiting, group);
    return;
  }
  unpick();
  group.classList.add('cause');
  says(`${called(group)} → … Go to its effect and press l there, or Escape.`);
}

document.addEventListener(
  'keydown',
  (event) => {
    const group = node(event.target);
    if (event.key === 'l' && group && !event.ctrlKey && !event.metaKey && !event.altKey) {
      event.preventDefault();
      event.stopImmediatePropagation();
      cause(group);
    } else if (event.key === 'Escape' && document.querySelector('.chaindesk .cause, .desk-details.picking')) {
      unpick();
      document.querySelector('#joinbox')?.replaceChildren();
    }
  },
  true,
);

// Drawn from one condition to another.
let drawn = null;
const spot = (svg, event) => new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());

document.addEventListener('pointerdown', (event) => {
  const group = node(event.target);
  if (group && event.button === 0) {
    drawn = { from: group, svg: group.ownerSVGElement, at: [event.clientX, event.clientY], line: null };
  }
});

document.addEventListener('pointermove', (event) => {
  if (!drawn || (!drawn.line && Math.hypot(event.clientX - drawn.at[0], event.clientY - drawn.at[1]) < 8)) {
    return;
  }
  if (!drawn.line) {
    drawn.line = document.createElementNS('http://www.w3.org/2000/svg', 'path');
    drawn.line.setAttribute('class', 'rubber');
    drawn.svg.append(drawn.line);
    drawn.start = spot(drawn.svg, { clientX: drawn.at[0], clientY: drawn.at[1] });
  }
  const to = spot(drawn.svg, event);
  drawn.line.setAttribute('d', `M${drawn.start.x} ${drawn.start.y}L${to.x} ${to.y}`);
});

let justDrawn = false;
document.addEventListener('pointerup', (event) => {
  const was = drawn;
  drawn = null;
  if (!was?.line) {
    return;
  }
  was.line.remove();
  justDrawn = true;
  setTimeout(() => {
    justDrawn = false;
  });
  const to = node(document.elementFromPoint(event.clientX, event.clientY));
  if (to && to !== was.from) {
    join(was.from, to);
  }
});

document.addEventListener('dragstart', (event) => {
  if (node(event.target)) {
    event.preventDefault();
  }
});

document.addEventListener(
  'click',
  (event) => {
    const link = event.target.closest?.('.chaindesk .chain-svg a, .desk-details a[href*="#node-"], .desk-details a[href*="#link-"]');
    const from = event.target.closest?.('[data-join-from]');
    if (from) {
      event.preventDefault();
      event.stopPropagation();
      cause(document.querySelector(`[data-node="${CSS.escape(from.dataset.joinFrom)}"]`));
      return;
    }
    if (!link || link.dataset.proposal) {
      return;
    }
    event.preventDefault();
    if (!justDrawn) {
      pick(new URL(link.href?.baseVal ?? link.href, location.href).hash.slice(1));
    }
  },
  true,
);

// A long chain is seen whole, or at the size at which it is read.
const READABLE = 0.62;

function fit(whole) {
  const box = document.querySelector('.chaindesk #chainbox');
  const svg = box?.querySelector('.chain-svg');
  const button = document.querySelector('[data-fit]');
  if (!svg || !button) {
    return;
  }
  const { width, height } = svg.viewBox.baseVal;
  const ratio = Math.min(box.clientWidth / width, box.clientHeight / height);
  button.hidden = ratio >= 1;
  box.classList.toggle('whole', ratio < 1 && (whole ?? ratio >= READABLE));
  button.textContent = box.classList.contains('whole') ? 'Full size' : 'Whole chain';
}

document.addEventListener('click', ({ target }) => {
  if (target.closest?.('[data-fit]')) {
    fit(!document.querySelector('#chainbox').classList.contains('whole'));
  }
});
document.addEventListener('htmx:oobAfterSwap', () => fit());

export function startChain(root) {
  if (!root.querySelector?.('.chaindesk')) {
    return;
  }
  fit();
  if (location.hash.match(/^#(node|link)-/)) {
    pick(location.hash.slice(1));
  }
}
