// The proof: what the stand shows is taken into a field, and the clock of a soak.

// What the stand shows goes into the field beside the button, and under which conditions into the words; what is typed there already stays.
document.addEventListener('click', (event) => {
  const button = event.target.closest?.('[data-take-stand]');
  if (!button) {
    return;
  }
  const shown = [...document.querySelectorAll('#live-chart [data-value]')];
  const field = button.closest('.field');
  const taken = [];
  for (const input of field.querySelectorAll('[data-reads]')) {
    const values = shown.filter((one) => ['all', one.dataset.channel].includes(input.dataset.reads));
    taken.push(...values);
    input.value ||= values.map((one) => one.dataset.value).join(', ');
  }
  const words = button.form.elements.words;
  const under = shown.filter((one) => !taken.includes(one)).map((one) => one.dataset.value);
  if (under.length > 0) {
    const said = `${field.querySelector('[data-what]').textContent}: ${under.join(', ')}`;
    words.value = words.value ? `${words.value}; ${said}` : said;
  }
});

// The clock of a soak counts down where it is seen; the server's counts.
window.setInterval(() => {
  for (const clock of document.querySelectorAll('[data-clock]')) {
    const left = Math.ceil((Date.parse(clock.dataset.clock) - Date.now()) / 1000);
    clock.querySelector('b').textContent = left > 0 ? `${Math.floor(left / 60)}:${String(left % 60).padStart(2, '0')} left` : 'It is over';
  }
}, 1000);
