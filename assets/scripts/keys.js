// Keys: each is written beside the control that it stands for.
const typing = (node) => node.closest?.('input:not([type=radio], [type=checkbox]), textarea, select, [contenteditable]');

function go(selector) {
  const target = document.querySelector(selector);
  if (!target) {
    return false;
  }
  if (target.matches('a, button, summary')) {
    target.click();
  } else {
    target.focus();
    target.scrollIntoView({ block: 'center' });
  }
  return true;
}

function grade(number) {
  const tap = document.querySelector(`[data-key="${number}"]`);
  if (tap) {
    tap.click();
    return true;
  }
  const form = document.querySelector('form[data-grades]');
  const choice = form?.querySelector(`.grades input[value="${number}"]`);
  if (!choice) {
    return false;
  }
  form.closest('details')?.setAttribute('open', '');
  choice.click();
  const kind = form.querySelector(`input[name$="[kind]"][value="${number === '0' ? 'clean' : 'damage'}"]`);
  kind?.click();
  choice.focus();
  return true;
}

// A proposed link in the drawing of a chain leads to its line, where it is taken or refused; from the drawing by key.
export function proposal(link, key) {
  const line = document.querySelector(`#proposal-${link.dataset.proposal}`);
  if (key === 't') {
    line.querySelector('.take, button').click();
    return;
  }
  line.scrollIntoView({ block: 'center' });
  line.focus();
  if (key === 'f') {
    line.querySelector('details').open = true;
    line.querySelector('input[name=reason]').focus();
  }
}

document.addEventListener('keydown', (event) => {
  if (event.ctrlKey || event.metaKey || event.altKey || typing(event.target) || document.querySelector('dialog[open]')) {
    return;
  }
  const key = event.key;
  let done = false;
  const faint = event.target.closest?.('[data-proposal], .proposals > li');
  if (faint && (key === 't' || key === 'f')) {
    proposal(faint.dataset.proposal ? faint : { dataset: { proposal: faint.id.replace('proposal-', '') } }, key);
    done = true;
  } else if (/^[0-4]$/.test(key)) {
    done = grade(key);
  } else if (key === 'x' && document.querySelector('[data-all]')) {
    document.querySelector('[data-all]').click();
    done = true;
  } else if (key === '?') {
    document.querySelector('#keys')?.showModal();
    done = true;
  } else {
    const selector = {
      '/': '#search',
      n: '[data-key=n]',
      b: '[data-key=b]',
      d: '[data-key=d]',
      s: '[data-key=s]',
      u: '[data-key=u]',
      m: '[data-key=m]',
      x: '[data-key=x]',
      o: '[data-key=o]',
      a: '[data-key=a]',
      r: '[data-key=r]',
      l: '[data-key=l]',
      z: '[data-key=undo]',
      '.': '[data-key=next]',
    }[key];
    done = selector ? go(selector) : false;
  }
  if (done) {
    event.preventDefault();
  }
});
