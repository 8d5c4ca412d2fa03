// The answer to a post goes into the page that is open, node by node: what it does not change stays where it is, under the hand
// that sent it, and so does what is typed in the other forms. What was refused is said at the form that was sent.
import { fieldsOf, isTyped, nameForms, valuesOf } from './forms.js';

const { htmx, Idiomorph } = window;
// Drawn over by scripts that hold on to their nodes: such a page comes whole, and is put back to its place.
const DRAWN = '.viewer, [data-compare], [data-player]';

let isRefusal = false;

// What was sent last, until the hand goes on: what comes later by itself keeps that in its place.
let sentLast = null;
for (const kind of ['pointerdown', 'keydown', 'wheel']) {
  document.addEventListener(
    kind,
    () => {
      sentLast = null;
    },
    { capture: true, passive: true },
  );
}

// Where the hand was: the form that was sent, and what stands around it, with how far down the screen each was.
let hand = null;

function around(form) {
  const marks = [];
  for (let node = form; node && node !== document.body && marks.length < 24; node = node.previousElementSibling ?? node.parentElement) {
    if (node.id) {
      marks.push([node.id, node.getBoundingClientRect().top]);
    }
  }
  return marks;
}

// The first of these marks that can be seen, with where it stood.
const stillThere = (marks) => marks.map(([id, top]) => [document.getElementById(id), top]).find(([node]) => node?.checkVisibility());

document.addEventListener('htmx:beforeRequest', (event) => {
  const form = event.detail.elt;
  const isWhole = event.detail.target === document.body || form.matches(':not([data-autosave], [data-row])');
  if (event.detail.requestConfig?.verb === 'post' && form.matches('form') && isWhole) {
    hand = { form, id: form.id, marks: around(form), scrolled: window.scrollY, held: held(form) };
  }
});

const held = (form) => JSON.stringify(valuesOf(form));
const isHere = (xhr) => !xhr.responseURL || new URL(xhr.responseURL).pathname === location.pathname;

// A form that is gone when its answer comes would never hear it: while one is on its way, no part of the page is replaced.
const onItsWay = new Set();
document.addEventListener('htmx:beforeRequest', ({ detail }) => detail.requestConfig?.verb === 'post' && onItsWay.add(detail.xhr));
document.addEventListener('htmx:afterRequest', ({ detail }) => onItsWay.delete(detail.xhr));

// What takes a while to be worked out keeps its last answer in view until the next is there.
const asking = new WeakMap();
async function awaitNext(old, from) {
  const status = old.querySelector('[data-while-waiting]');
  const said = status?.textContent;
  const say = (words) => {
    if (status) {
      status.textContent = words;
    }
  };
  htmx.trigger(old, 'htmx:abort');
  old.setAttribute('aria-busy', 'true');
  say(status?.dataset.whileWaiting);
  // What was taken from it is taken once.
  for (const button of hand?.form && old.contains(hand.form) ? hand.form.querySelectorAll('button') : []) {
    button.disabled = true;
  }
  const mine = {};
  asking.set(old, mine);
  await htmx.ajax('GET', from, { target: old, source: old, swap: 'in-place' }).catch(() => {});
  if (asking.get(old) !== mine || !old.isConnected || !old.getAttribute('aria-busy')) {
    return;
  }
  if (mine.heldBack) {
    window.setTimeout(() => asking.get(old) === mine && awaitNext(old, from), 200);
    return;
  }
  old.removeAttribute('aria-busy');
  say(`${said}. The next answer did not come: reload the page to ask again.`);
}

function holdBack(event) {
  const { detail } = event;
  if (
    onItsWay.size > 0 &&
    detail.requestConfig?.verb === 'get' &&
    detail.target !== document.body &&
    detail.target.matches('[aria-busy]')
  ) {
    detail.shouldSwap = false;
    asking.get(detail.target).heldBack = true;
  }
}

const callbacks = {
  beforeNodeMorphed(old, next) {
    if (next.nodeType === Node.ELEMENT_NODE && next.matches('[data-awaited]') && old.id === next.id) {
      // What was refused has changed nothing.
      if (!isRefusal) {
        awaitNext(old, next.getAttribute('hx-get'));
      }
      return false;
    }
    // What is typed in a form stays in it; in the one that was sent, what was typed since.
    const typed = old.nodeName === 'FORM' && (old === hand?.form ? held(old) !== hand.held : isTyped(old));
    return !typed;
  },
  // What scripts have put on the page is theirs to take away.
  beforeNodeRemoved: (node) => !(node.nodeType === Node.ELEMENT_NODE && node.matches('.waitingbar')),
  // A fold stays as the hand left it.
  beforeAttributeUpdated(name, node, kind) {
    return !(name === 'data-ready' || (name === 'hidden' && node.dataset.ready) || (name === 'open' && kind === 'remove'));
  },
};

// A part of the page comes anew; what was refused in it meanwhile still is.
function partOf(target, fragment) {
  const said = target.querySelector('[data-refused]');
  const form = said?.closest('form')?.id;
  const nodes = Idiomorph.morph(target, [...fragment.children], { morphStyle: 'outerHTML', callbacks });
  const place = form ? document.getElementById(form) : null;
  if (place) {
    sayIn(place, said);
  } else if (said) {
    document.getElementById(target.id)?.prepend(said);
  }
  return nodes;
}

htmx.defineExtension('in-place', {
  isInlineSwap: () => false,
  handleSwap(style, target, fragment) {
    if (style !== 'in-place') {
      return false;
    }
    nameForms(document);
    nameForms(fragment);
    if (target !== document.body) {
      return partOf(target, fragment);
    }
    // What was said of an earlier try is over, wherever it was put.
    for (const one of document.querySelectorAll('[data-refused]')) {
      one.remove();
    }
    isRefusal = hand?.refused || fragment.querySelector('[data-refused]') !== null;
    return Idiomorph.morph(target, [...fragment.children], { morphStyle: 'innerHTML', callbacks });
  },
});

function sayIn(form, said) {
  const button = form.querySelector('button:not([type=button], noscript button)');
  const actions = button?.closest('.actions');
  if (button) {
    (form.contains(actions) ? actions : button).before(said);
  } else {
    form.append(said);
  }
}

// What was refused is said where it was asked for, not at the head of the page.
function refusal(form) {
  const said = document.querySelector('[data-refused]');
  if (said && !form.contains(said) && !said.closest('form')) {
    sayIn(form, said);
  }
  const wrong = fieldsOf(form).find((one) => one.matches('[aria-invalid=true]') || one.closest('.wrong'));
  return wrong ?? said ?? form.querySelector('.wrong-words');
}

function toHand(node, isShown = false) {
  if (!node) {
    return;
  }
  if (!node.matches('a, button, input, select, textarea, [tabindex]')) {
    node.tabIndex = -1;
  }
  node.focus({ preventScroll: true });
  const { top, bottom } = node.getBoundingClientRect();
  if (isShown && (bottom < 0 || top > window.innerHeight)) {
    node.scrollIntoView({ block: 'nearest' });
  }
}

document.addEventListener('htmx:afterSettle', (event) => {
  if (!hand?.stays || event.detail.requestConfig?.elt !== hand.form) {
    return;
  }
  const { marks, id, refused, scrolled } = hand;
  hand = null;
  const form = id ? document.getElementById(id) : null;
  const isRefused = refused || document.querySelector('[data-refused]') !== null;
  const said = isRefused ? (form ? refusal(form) : document.querySelector('[data-refused], .wrong-words')) : null;
  // What has no id may have become something else; what lies in a fold that is shut now is nowhere.
  const mark = stillThere(marks);
  if (mark) {
    window.scrollBy({ top: mark[0].getBoundingClientRect().top - mark[1], behavior: 'instant' });
  } else {
    window.scrollTo({ top: scrolled, behavior: 'instant' });
  }
  // A part that came meanwhile has its place from here.
  noteWhere();
  sentLast = form ?? mark?.[0] ?? null;
  if (isRefused) {
    toHand(said, true);
  } else if (!document.activeElement || document.activeElement === document.body) {
    toHand(document.querySelector('[data-hand]') ?? mark?.[0]);
  }
});

function beforeSwap(event) {
  const { detail } = event;
  if (!hand || detail.requestConfig?.elt !== hand.form) {
    return;
  }
  hand.refused = detail.xhr.status >= 400;
  if (!detail.shouldSwap || detail.target !== document.body || !(hand.refused || isHere(detail.xhr))) {
    hand = detail.shouldSwap ? null : hand;
    return;
  }
  hand.stays = true;
  if (!document.querySelector(DRAWN)) {
    detail.swapOverride = 'in-place';
  }
}

// A part of the page that comes later pushes nothing away: what is looked at stays where it is.
let looked = null;

// Where what is looked at stands now, and what stands around it.
function noteWhere() {
  if (looked) {
    looked.top = looked.node.getBoundingClientRect().top;
    looked.marks = around(looked.node);
    looked.scrolled = undefined;
  }
}

function lookedAt() {
  const { activeElement } = document;
  const sent = sentLast?.isConnected && sentLast.checkVisibility() ? sentLast.getBoundingClientRect() : null;
  if (sent && sent.bottom > 0 && sent.top < window.innerHeight) {
    return sentLast;
  }
  const { top, bottom } = activeElement?.getBoundingClientRect() ?? {};
  if (activeElement?.closest('main *') && bottom > 0 && top < window.innerHeight) {
    return activeElement;
  }
  for (let y = 80; y < window.innerHeight; y += 60) {
    const node = document.elementFromPoint(window.innerWidth / 2, y);
    if (node?.closest('main :is(section, form, article, li, p, h2)')) {
      return node;
    }
  }
  return null;
}

export function watchPlace() {
  document.addEventListener('htmx:beforeSwap', (event) => {
    beforeSwap(event);
    holdBack(event);
    const node = event.detail.target === document.body || window.scrollY === 0 ? null : lookedAt();
    looked = node && { of: event.detail.xhr, node };
    noteWhere();
  });
  const stay = ({ detail }) => {
    // Whoever has scrolled since it was put in its place wants to be where that leads.
    if (looked?.of !== detail.xhr || (looked.scrolled !== undefined && Math.abs(window.scrollY - looked.scrolled) > 1)) {
      return;
    }
    // What is looked at may have come anew itself: then what stood around it.
    const { node, top } = looked;
    const [now, then] = node.isConnected && node.checkVisibility() ? [node, top] : (stillThere(looked.marks) ?? []);
    if (now) {
      window.scrollBy({ top: now.getBoundingClientRect().top - then, behavior: 'instant' });
    }
    looked.scrolled = window.scrollY;
  };
  // At once, not first when it has settled: nobody is to see it jump and come back.
  document.addEventListener('htmx:afterSwap', stay);
  document.addEventListener('htmx:afterSettle', (event) => {
    stay(event);
    looked = looked?.of === event.detail.xhr ? null : looked;
  });
}

// Back brings the page anew, and the place where it was left.
const LEFT = 'left:';
const BACK = 'back to';
let noted = 0;
window.addEventListener(
  'scroll',
  () => {
    window.clearTimeout(noted);
    noted = window.setTimeout(() => sessionStorage.setItem(LEFT + location.href, String(window.scrollY)), 80);
  },
  { passive: true },
);
window.addEventListener('popstate', () => {
  sessionStorage.setItem(BACK, sessionStorage.getItem(LEFT + location.href) ?? '0');
  // The browser would go where the page that is left stood.
  history.scrollRestoration = 'manual';
});
window.addEventListener('load', () => {
  const place = sessionStorage.getItem(BACK);
  if (place !== null) {
    window.scrollTo({ top: Number(place), behavior: 'instant' });
    sessionStorage.removeItem(BACK);
    window.setTimeout(() => {
      history.scrollRestoration = 'auto';
    }, 500);
  }
});
