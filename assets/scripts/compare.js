// Two or four pictures side by side that zoom and move together, or one over the other with a slider.
function linked(box) {
  const pictures = [...box.querySelectorAll('svg')].map((svg) => ({
    svg,
    w: svg.viewBox.baseVal.width,
    h: svg.viewBox.baseVal.height,
    mm: Number(svg.dataset.mm ?? 0),
  }));
  // At one scale a millimetre is as long in each: the first says how many are seen.
  const same = box.parentElement.querySelector('[data-same-scale]');
  const wide = box.parentElement.querySelector('[data-wide]');
  same?.addEventListener('change', () => show());
  // What is seen, as shares of the picture: left, top, width.
  let view = { x: 0, y: 0, w: 1 };
  let grab = null;
  const fingers = new Map();
  const show = () => {
    view.w = Math.min(1, Math.max(0.01, view.w));
    view.x = Math.min(1 - view.w, Math.max(0, view.x));
    view.y = Math.min(1 - view.w, Math.max(0, view.y));
    const first = pictures[0];
    for (const { svg, w, h, mm } of pictures) {
      const part = same?.checked ? (first.w * first.mm) / (w * mm) : 1;
      const [across, down] = same?.checked ? [view.w * w * part, view.w * first.h * (first.mm / mm)] : [view.w * w, view.w * h];
      const [x, y] = [(view.x + view.w / 2) * w - across / 2, (view.y + view.w / 2) * h - down / 2];
      svg.setAttribute('viewBox', `${x} ${y} ${across} ${down}`);
    }
    if (wide) {
      wide.textContent = same.checked ? `${(view.w * first.w * first.mm).toFixed(1)} mm across.` : '';
    }
  };
  const zoom = (factor, x, y) => {
    const w = Math.min(1, Math.max(0.01, view.w / factor));
    view = { x: x - ((x - view.x) * w) / view.w, y: y - ((y - view.y) * w) / view.w, w };
    show();
  };
  for (const { svg } of pictures) {
    const share = (event) => {
      const box = svg.getBoundingClientRect();
      return [view.x + (view.w * (event.clientX - box.left)) / box.width, view.y + (view.w * (event.clientY - box.top)) / box.height];
    };
    svg.addEventListener(
      'wheel',
      (event) => {
        event.preventDefault();
        zoom(event.deltaY < 0 ? 1.25 : 0.8, ...share(event));
      },
      { passive: false },
    );
    svg.addEventListener('pointerdown', (event) => {
      svg.setPointerCapture(event.pointerId);
      fingers.set(event.pointerId, event);
      const apart = fingers.size === 2 ? spread() : 0;
      grab = { x: event.clientX, y: event.clientY, view: { ...view }, apart };
    });
    svg.addEventListener('pointermove', (event) => {
      if (!grab || !fingers.has(event.pointerId)) {
        return;
      }
      fingers.set(event.pointerId, event);
      if (grab.apart) {
        zoom((spread() / grab.apart) * (view.w / grab.view.w), view.x + view.w / 2, view.y + view.w / 2);
        return;
      }
      const box = svg.getBoundingClientRect();
      view = {
        ...grab.view,
        x: grab.view.x - (grab.view.w * (event.clientX - grab.x)) / box.width,
        y: grab.view.y - (grab.view.w * (event.clientY - grab.y)) / box.height,
      };
      show();
    });
    for (const end of ['pointerup', 'pointercancel']) {
      svg.addEventListener(end, (event) => {
        fingers.delete(event.pointerId);
        grab = null;
      });
    }
    svg.addEventListener('keydown', (event) => {
      const step = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
      if (step) {
        view.x += (step[0] * view.w) / 10;
        view.y += (step[1] * view.w) / 10;
        show();
      } else if (event.key === '+' || event.key === '-') {
        zoom(event.key === '+' ? 1.5 : 0.667, view.x + view.w / 2, view.y + view.w / 2);
      } else {
        return;
      }
      event.preventDefault();
    });
  }
  function spread() {
    const [a, b] = [...fingers.values()];
    return Math.hypot(a.clientX - b.clientX, a.clientY - b.clientY) || 1;
  }
  const slide = box.querySelector('[data-slide]');
  slide?.addEventListener('input', () =>
    box.querySelector('clipPath rect').setAttribute('width', String((pictures[0].w * Number(slide.value)) / 100)),
  );
}

export function startCompare(root) {
  for (const box of root.querySelectorAll?.('[data-compare]') ?? []) {
    if (!box.dataset.ready) {
      box.dataset.ready = '1';
      linked(box);
    }
  }
}
