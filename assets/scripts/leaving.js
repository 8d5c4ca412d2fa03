// A link that is pressed while a post is on its way waits for the answer: else the answer would come into the page that the
// link has led to, or never be heard. What was refused is read first; the link is not followed then.
const onItsWay = new Set();
let next = null;

const bringsPage = ({ requestConfig, target }) => requestConfig?.verb === 'post' && target === document.body;
document.addEventListener('htmx:beforeRequest', ({ detail }) => bringsPage(detail) && onItsWay.add(detail.xhr));
document.addEventListener('htmx:afterRequest', ({ detail }) => {
  if (!onItsWay.delete(detail.xhr) || onItsWay.size > 0 || !next) {
    return;
  }
  const { link, href } = next;
  next = null;
  link.removeAttribute('aria-busy');
  if (detail.xhr.status > 0 && detail.xhr.status < 400) {
    // Once the answer has found its place.
    window.setTimeout(() => document.querySelector('[data-refused]') || follow(link, href), 60);
  }
});

function follow(link, href) {
  if (link.isConnected) {
    link.click();
  } else {
    location.assign(href);
  }
}

const leads = (link) => link.origin === location.origin && !link.target && !link.hasAttribute('download');
const isPlain = (event) => event.button === 0 && !event.ctrlKey && !event.metaKey && !event.shiftKey && !event.altKey;
window.addEventListener(
  'click',
  (event) => {
    const link = event.target.closest?.('a[href]');
    if (onItsWay.size === 0 || !link || !isPlain(event) || !leads(link)) {
      return;
    }
    if (link.pathname + link.search === location.pathname + location.search && link.hash) {
      return;
    }
    event.preventDefault();
    event.stopImmediatePropagation();
    next?.link.removeAttribute('aria-busy');
    next = { link, href: link.href };
    link.setAttribute('aria-busy', 'true');
  },
  true,
);
