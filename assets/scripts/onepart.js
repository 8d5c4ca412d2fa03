// On a phone a long page shows one of its parts at a time: the one that is asked for by its address, or the first with
// something open; the list above leads to the others.
const narrow = window.matchMedia('(max-width: 899px)');

// Brings the part into view in which a node stands.
export function reveal(node) {
  const shown = node?.closest('.onepart > section');
  if (!shown || shown.classList.contains('shown')) {
    return;
  }
  for (const section of shown.parentElement.querySelectorAll(':scope > section')) {
    section.classList.toggle('shown', section === shown);
  }
  for (const link of document.querySelectorAll('.partjump a')) {
    link.toggleAttribute('aria-current', link.hash === `#${shown.id}`);
  }
}

export function startOnePart() {
  const box = document.querySelector('.onepart');
  if (box && !box.querySelector(':scope > .shown')) {
    const asked = location.hash.length > 1 ? document.getElementById(location.hash.slice(1)) : null;
    reveal(asked?.closest('.onepart > section') ?? box.querySelector(':scope > section.isopen') ?? box.querySelector(':scope > section'));
  }
}

document.addEventListener('click', (event) => {
  const link = event.target.closest?.('.partjump a');
  if (link && narrow.matches) {
    event.preventDefault();
    reveal(document.getElementById(link.hash.slice(1)));
    window.scrollTo({ top: 0, behavior: 'instant' });
  }
});
