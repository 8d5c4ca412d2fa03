// What is said is typed, where the browser can do that: it goes to the end of the field, and may be mended there.
const Recognition = window.SpeechRecognition ?? window.webkitSpeechRecognition;

function say(box) {
  const button = box.querySelector('button');
  const field = document.getElementById(box.dataset.speech);
  const listens = new Recognition();
  listens.lang = document.documentElement.lang;
  listens.onresult = ({ results }) => {
    const words = [...results].map((one) => one[0].transcript.trim()).join(' ');
    field.value = [field.value.trim(), words].filter(Boolean).join(' ');
    field.dispatchEvent(new Event('input', { bubbles: true }));
  };
  listens.onerror = ({ error }) => {
    box.querySelector('small').textContent =
      error === 'not-allowed'
        ? 'The microphone may not be used here. Allow it for this page, or type.'
        : 'Nothing was understood. Try again, or type.';
  };
  listens.onend = () => {
    button.textContent = 'Say it';
    button.disabled = false;
  };
  button.textContent = 'Listening …';
  button.disabled = true;
  listens.start();
}

export function startSpeech(root) {
  for (const box of Recognition ? (root.querySelectorAll?.('[data-speech]') ?? []) : []) {
    box.hidden = false;
  }
}

document.addEventListener('click', ({ target }) => {
  const box = target.closest?.('[data-speech] button')?.parentElement;
  if (box) {
    say(box);
  }
});

// A list gets shorter as its name is typed; the server does the same where no script runs.
document.addEventListener('input', ({ target }) => {
  for (const one of target.dataset?.narrows ? document.querySelectorAll(`${target.dataset.narrows} > li`) : []) {
    one.hidden = !one.textContent.toLowerCase().includes(target.value.trim().toLowerCase());
  }
});
