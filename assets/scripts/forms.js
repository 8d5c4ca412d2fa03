// What a form holds, what of it was typed here, and by which name it is known when the page comes anew.
const SKIPPED = ['hidden', 'file', 'password', 'submit', 'button', 'image', 'reset'];

export const fieldsOf = (form) => [...form.elements].filter((one) => one.name && one.type && !SKIPPED.includes(one.type));

// The form's address and what it is about: a list of equal forms has one for each of its rows.
function about(form) {
  const at = new URL(form.getAttribute('action') || location.pathname, location.href).pathname;
  const fixed = [...form.querySelectorAll('input[type=hidden]')]
    .filter((one) => one.name && !/_token|_base|^seen$|^version$|^back$/.test(one.name))
    .map((one) => `${one.name}=${one.value}`);
  // Found by selectors: nothing that would have to be quoted in one.
  return [at, ...fixed].join(' ').replace(/[^\w/=.\- ]/g, '_');
}

const named = (nodes, nameOf) => {
  const seen = new Map();
  for (const node of nodes) {
    const name = nameOf(node);
    const nth = seen.get(name) ?? 0;
    seen.set(name, nth + 1);
    if (!node.hasAttribute('id')) {
      node.setAttribute('id', nth ? `${name} ${nth}` : name);
    }
  }
};

// Gives every form and fold without an id the one that it would get on any copy of its page.
export function nameForms(root) {
  named(root.querySelectorAll('form'), (form) => `form ${about(form)}`);
  named(root.querySelectorAll('details'), (fold) => {
    const words = fold.querySelector('summary')?.textContent.replace(/\W+/g, ' ').trim();
    const form = fold.closest('form');
    return `fold ${form ? `${form.id} ${words}` : (fold.querySelector('form')?.id ?? words)}`;
  });
}

const chosen = (one, first) => {
  if (one.matches('select')) {
    const options = [...one.options].filter((option) => (first ? option.defaultSelected : option.selected));
    const none = first && options.length === 0 && !one.multiple && one.options.length > 0;
    return (none ? [one.options[0]] : options).map((option) => option.value);
  }
  if (['radio', 'checkbox'].includes(one.type)) {
    return (first ? one.defaultChecked : one.checked) ? [one.value] : [];
  }
  return [first ? one.defaultValue : one.value];
};

// Name of each field => what it holds now, or held when the page came.
export function valuesOf(form, first = false) {
  const values = {};
  for (const one of fieldsOf(form)) {
    values[one.name] = [...(values[one.name] ?? []), ...chosen(one, first)];
  }
  return values;
}

// Name => [what is typed, what stood there], of the fields in which the two differ.
export function typedIn(form) {
  const [now, first] = [valuesOf(form), valuesOf(form, true)];
  return Object.fromEntries(
    Object.keys(now)
      .filter((name) => now[name].join('\n') !== first[name].join('\n'))
      .map((name) => [name, [now[name], first[name]]]),
  );
}

export const isTyped = (form) => Object.keys(typedIn(form)).length > 0;

export function fill(form, name, values) {
  const left = [...values];
  for (const one of fieldsOf(form).filter((field) => field.name === name)) {
    if (one.matches('select')) {
      for (const option of one.options) {
        option.selected = values.includes(option.value);
      }
    } else if (['radio', 'checkbox'].includes(one.type)) {
      one.checked = values.includes(one.value);
    } else {
      one.value = left.shift() ?? '';
    }
  }
}

// The server has these values of these fields: they are what stands there now.
export function settle(fields, values) {
  for (const one of fields) {
    const kept = values[one.name] ?? [];
    if (one.matches('select')) {
      for (const option of one.options) {
        option.defaultSelected = kept.includes(option.value);
      }
    } else if (['radio', 'checkbox'].includes(one.type)) {
      one.defaultChecked = kept.includes(one.value);
    } else if (kept.length === 1) {
      [one.defaultValue] = kept;
    }
  }
}
