// Clips: picture by picture, slow, a still taken by hand; and a spoken note where the browser may use the microphone.
import { add } from './uploads.js';

// No longer than the shop takes.
const LONGEST = 60_000;

export function startClips(root) {
  for (const box of root.querySelectorAll?.('[data-player]') ?? []) {
    const video = box.querySelector('video');
    if (!video || box.dataset.ready) {
      continue;
    }
    box.dataset.ready = '1';
    const told = box.querySelector('[data-at]');
    const tell = () => {
      told.textContent = `${video.currentTime.toFixed(2)} s`;
    };
    video.addEventListener('timeupdate', tell);
    video.addEventListener('seeked', tell);
    box.addEventListener('click', (event) => {
      const step = event.target.closest('[data-step]');
      const slow = event.target.closest('[data-speed]');
      if (step) {
        video.pause();
        video.currentTime = Math.max(0, video.currentTime + Number(step.dataset.step));
      } else if (slow) {
        video.playbackRate = video.playbackRate === 1 ? Number(slow.dataset.speed) : 1;
        slow.setAttribute('aria-pressed', String(video.playbackRate !== 1));
      } else if (event.target.closest('[data-still]')) {
        keep(video, document.querySelector('.stillform'));
      }
    });
  }
  for (const button of root.querySelectorAll?.('[data-record]') ?? []) {
    if (navigator.mediaDevices && window.MediaRecorder && !button.dataset.ready) {
      button.dataset.ready = '1';
      button.hidden = false;
      button.addEventListener('click', () => speak(button));
    }
  }
}

function keep(video, form) {
  video.pause();
  const canvas = document.createElement('canvas');
  [canvas.width, canvas.height] = [video.videoWidth, video.videoHeight];
  canvas.getContext('2d').drawImage(video, 0, 0);
  form.querySelector('[name=second]').value = video.currentTime.toFixed(2);
  canvas.toBlob(
    (blob) => add(form, [new File([blob], `still-at-${video.currentTime.toFixed(2)}-s.jpg`, { type: 'image/jpeg' })]),
    'image/jpeg',
    0.95,
  );
}

const speaking = new WeakMap();

async function speak(button) {
  if (speaking.has(button)) {
    speaking.get(button).stop();
    return;
  }
  let stream;
  try {
    stream = await navigator.mediaDevices.getUserMedia({ audio: true });
  } catch {
    button.textContent = 'No microphone may be used';
    return;
  }
  const recorder = new MediaRecorder(stream);
  const pieces = [];
  const began = Date.now();
  speaking.set(button, recorder);
  const clock = window.setInterval(() => {
    button.textContent = `Stop, ${Math.round((Date.now() - began) / 1000)} s`;
    if (Date.now() - began > LONGEST - 500 && recorder.state === 'recording') {
      recorder.stop();
    }
  }, 250);
  recorder.addEventListener('dataavailable', (event) => pieces.push(event.data));
  recorder.addEventListener('stop', () => {
    window.clearInterval(clock);
    speaking.delete(button);
    button.textContent = 'Speak a note';
    for (const track of stream.getTracks()) {
      track.stop();
    }
    const kind = recorder.mimeType.split(';')[0];
    add(button.closest('form'), [new File(pieces, kind === 'audio/mp4' ? 'note.m4a' : 'note.webm', { type: kind })]);
  });
  recorder.start(1000);
  button.textContent = 'Stop';
}
