// Says in a dialog why something was not done; to whom the session has ended it offers the way to sign in again.
export function tell(message, status = 0) {
  const box = document.querySelector('#refusal');
  box.querySelector('p').textContent = message;
  box.querySelector('.again').hidden = status !== 401;
  if (!box.open) {
    box.showModal();
  }
}
