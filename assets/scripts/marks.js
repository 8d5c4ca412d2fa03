// Drawing marks over a photo, and looking closer. The picture itself is never touched: a mark is a list of points.
const SVG = 'http://www.w3.org/2000/svg';

class Viewer {
  constructor(box) {
    this.box = box;
    this.svg = box.querySelector('svg');
    this.form = document.querySelector('#mark-form');
    this.width = Number(box.dataset.width);
    this.height = Number(box.dataset.height);
    this.view = { x: 0, y: 0, w: this.width, h: this.height };
    this.points = [];
    this.draft = document.createElementNS(SVG, 'path');
    this.draft.setAttribute('class', 'draft');
    this.svg.append(this.draft);
    this.svg.addEventListener('pointerdown', (event) => this.down(event));
    this.svg.addEventListener('pointermove', (event) => this.move(event));
    this.svg.addEventListener('pointerup', (event) => this.up(event));
    this.svg.addEventListener(
      'wheel',
      (event) => {
        event.preventDefault();
        this.zoom(event.deltaY < 0 ? 1.25 : 0.8, this.at(event));
      },
      { passive: false },
    );
    for (const button of document.querySelectorAll('[data-zoom]')) {
      button.addEventListener('click', () => this.zoom(Number(button.dataset.zoom)));
    }
    document.querySelector('[data-undo]')?.addEventListener('click', () => this.undo());
    document.addEventListener('keydown', (event) => this.key(event));
    for (const radio of this.form?.querySelectorAll('[name=shape]') ?? []) {
      radio.addEventListener('change', () => this.clear());
    }
    this.clear();
  }

  get shape() {
    return this.form?.querySelector('[name=shape]:checked')?.value ?? 'look';
  }

  at(event) {
    const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(this.svg.getScreenCTM().inverse());
    return [Math.min(Math.max(point.x, 0), this.width), Math.min(Math.max(point.y, 0), this.height)];
  }

  down(event) {
    this.svg.setPointerCapture(event.pointerId);
    if (this.shape === 'look') {
      this.grab = { x: event.clientX, y: event.clientY, view: { ...this.view } };
      return;
    }
    const point = this.at(event);
    if (this.shape === 'outline') {
      this.points.push(point);
    } else {
      this.points = [point, point];
    }
    this.drawing = true;
    this.paint();
  }

  move(event) {
    if (this.grab) {
      const scale = this.view.w / this.svg.clientWidth;
      this.view.x = this.grab.view.x - (event.clientX - this.grab.x) * scale;
      this.view.y = this.grab.view.y - (event.clientY - this.grab.y) * scale;
      this.show();
    } else if (this.drawing) {
      const point = this.at(event);
      if (this.shape !== 'outline') {
        this.points[1] = point;
      } else if (Math.hypot(point[0] - this.points.at(-1)[0], point[1] - this.points.at(-1)[1]) > this.view.w / 60) {
        this.points.push(point);
      }
      this.paint();
    }
  }

  up() {
    this.grab = null;
    this.drawing = false;
    this.paint();
  }

  // Arrow keys move the mark in hand by a hundredth, so that it can be set without a mouse; Enter begins one.
  key(event) {
    if (!this.svg.isConnected || event.target.closest('input:not([type=radio]), select, textarea')) {
      return;
    }
    if (event.ctrlKey && event.key === 'z') {
      event.preventDefault();
      this.undo();
      return;
    }
    if (document.activeElement !== this.svg || this.shape === 'look') {
      return;
    }
    const step = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
    if (event.key === 'Enter') {
      const middle = [this.view.x + this.view.w / 2, this.view.y + this.view.h / 2];
      const size = this.view.w / 8;
      this.points =
        this.shape === 'outline'
          ? [
              [middle[0] - size, middle[1] - size],
              [middle[0] + size, middle[1] - size],
              [middle[0], middle[1] + size],
            ]
          : [
              [middle[0] - size, middle[1] - size / 2],
              [middle[0] + size, middle[1] + size / 2],
            ];
    } else if (step && this.points.length > 0) {
      const moved = event.shiftKey ? [this.points.at(-1)] : this.points;
      for (const point of moved) {
        point[0] = Math.min(Math.max(point[0] + (step[0] * this.view.w) / 100, 0), this.width);
        point[1] = Math.min(Math.max(point[1] + (step[1] * this.view.h) / 100, 0), this.height);
      }
    } else {
      return;
    }
    event.preventDefault();
    this.paint();
  }

  undo() {
    if (this.shape === 'outline') {
      this.points.pop();
    } else {
      this.points = [];
    }
    this.paint();
  }

  clear() {
    this.points = [];
    this.box.classList.toggle('looking', this.shape === 'look');
    this.paint();
  }

  paint() {
    const [a, b] = this.points;
    let path = '';
    if (a && this.shape === 'box') {
      path = `M${a[0]} ${a[1]} H${b[0]} V${b[1]} H${a[0]} Z`;
    } else if (a) {
      path = `M${this.points.map((point) => point.join(' ')).join(' L')}${this.shape === 'outline' && this.points.length > 2 ? ' Z' : ''}`;
    }
    this.draft.setAttribute('d', path);
    if (this.form) {
      this.form.elements.points.value = JSON.stringify(this.points.map(([x, y]) => [x / this.width, y / this.height]));
      const whole = this.shape === 'outline' ? this.points.length > 2 : this.points.length === 2;
      this.form.querySelector('[type=submit]').disabled = this.shape === 'look' || !whole;
    }
  }

  zoom(factor, around = null) {
    const [x, y] = around ?? [this.view.x + this.view.w / 2, this.view.y + this.view.h / 2];
    const w = Math.min(Math.max(this.view.w / factor, this.width / 40), this.width);
    const scale = w / this.view.w;
    this.view = { x: x - (x - this.view.x) * scale, y: y - (y - this.view.y) * scale, w, h: this.view.h * scale };
    if (w === this.width) {
      this.view = { x: 0, y: 0, w: this.width, h: this.height };
    }
    this.show();
  }

  show() {
    this.svg.setAttribute('viewBox', `${this.view.x} ${this.view.y} ${this.view.w} ${this.view.h}`);
  }
}

export function startMarks(root) {
  const box = root.querySelector?.('.viewer');
  if (box && !box.dataset.ready) {
    box.dataset.ready = '1';
    new Viewer(box);
  }
}
