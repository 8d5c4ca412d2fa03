// Drawing over a photo, and looking closer. The picture itself is never touched: what is drawn is a list of points, sent by the
// form whose tool is in hand. A tool takes one point, two by dragging, some by tapping, an outline, a stroke, or an outline
// and what lies in it.
const SVG = 'http://www.w3.org/2000/svg';
const CLOSED = ['outline', 'twofold', 'count'];

class Viewer {
  constructor(box) {
    this.box = box;
    this.svg = box.querySelector('svg');
    this.width = Number(box.dataset.width);
    this.height = Number(box.dataset.height);
    this.view = { x: 0, y: 0, w: this.width, h: this.height };
    this.draft = document.createElementNS(SVG, 'path');
    this.draft.setAttribute('class', 'draft');
    this.svg.append(this.draft);
    this.svg.addEventListener('pointerdown', (event) => this.down(event));
    this.svg.addEventListener('pointermove', (event) => this.move(event));
    this.svg.addEventListener('pointerup', (event) => this.up(event));
    this.svg.addEventListener('pointercancel', (event) => this.up(event));
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
    document.querySelector('[data-look]')?.addEventListener('click', () => this.take(null));
    document.querySelector('[data-undo]')?.addEventListener('click', () => this.undo());
    document.querySelector('[data-redo]')?.addEventListener('click', () => this.redo());
    document.addEventListener('keydown', (event) => this.key(event));
    for (const radio of document.querySelectorAll('form.drawing [data-tool]')) {
      radio.addEventListener('change', () => this.take(radio));
    }
    for (const button of document.querySelectorAll('form.drawing [data-second]')) {
      button.addEventListener('click', () => {
        this.second = true;
        this.paint();
        this.svg.focus();
      });
    }
    this.fingers = new Map();
    this.take(null);
  }

  // The tool in hand; those of the other forms are put down.
  take(radio) {
    for (const other of document.querySelectorAll('form.drawing [data-tool]:checked')) {
      if (other !== radio) {
        other.checked = false;
      }
    }
    this.radio = radio;
    this.form = radio?.form ?? null;
    this.tool = radio?.dataset.tool ?? 'look';
    this.lists = [[], []];
    this.second = false;
    this.past = [];
    this.future = [];
    this.box.classList.toggle('looking', this.tool === 'look');
    document.querySelector('[data-look]')?.setAttribute('aria-pressed', String(this.tool === 'look'));
    for (const form of document.querySelectorAll('form.drawing')) {
      const says = form.querySelector('[data-says]');
      if (says && form === this.form && radio.dataset.how) {
        says.textContent = radio.dataset.how;
      }
    }
    this.paint();
  }

  get points() {
    return this.lists[this.second ? 1 : 0];
  }

  keep() {
    this.past.push(JSON.stringify([this.lists, this.second]));
    this.future = [];
  }

  at(event) {
    const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(this.svg.getScreenCTM().inverse());
    return [Math.min(Math.max(point.x, 0), this.width), Math.min(Math.max(point.y, 0), this.height)];
  }

  down(event) {
    this.svg.setPointerCapture(event.pointerId);
    this.fingers.set(event.pointerId, [event.clientX, event.clientY]);
    if (this.fingers.size === 2) {
      const [a, b] = [...this.fingers.values()];
      this.pinch = { apart: Math.hypot(a[0] - b[0], a[1] - b[1]), view: { ...this.view } };
      this.drawing = false;
      return;
    }
    if (this.tool === 'look') {
      this.grab = { x: event.clientX, y: event.clientY, view: { ...this.view } };
      return;
    }
    const point = this.at(event);
    this.keep();
    if (this.tool === 'drag') {
      this.lists[0] = [point, [...point]];
    } else if (this.tool === 'one' || (Number(this.tool) > 0 && this.points.length >= Number(this.tool))) {
      this.lists[0] = [point];
    } else if (this.tool === 'stroke') {
      this.lists[0] = [point];
    } else {
      this.points.push(point);
    }
    this.drawing = true;
    this.paint();
  }

  move(event) {
    if (this.fingers.has(event.pointerId)) {
      this.fingers.set(event.pointerId, [event.clientX, event.clientY]);
    }
    if (this.pinch && this.fingers.size === 2) {
      const [a, b] = [...this.fingers.values()];
      const wanted = (this.pinch.view.w * this.pinch.apart) / Math.max(1, Math.hypot(a[0] - b[0], a[1] - b[1]));
      this.zoom(this.view.w / wanted);
    } else if (this.grab) {
      const scale = this.view.w / this.svg.clientWidth;
      this.view.x = this.grab.view.x - (event.clientX - this.grab.x) * scale;
      this.view.y = this.grab.view.y - (event.clientY - this.grab.y) * scale;
      this.show();
    } else if (this.drawing) {
      const point = this.at(event);
      const last = this.points.at(-1);
      if (this.tool === 'drag') {
        this.points[1] = point;
      } else if (this.tool === 'stroke' || (CLOSED.includes(this.tool) && !(this.tool === 'count' && this.second))) {
        const far = this.view.w / (this.tool === 'stroke' ? 250 : 60);
        if (Math.hypot(point[0] - last[0], point[1] - last[1]) > far) {
          this.points.push(point);
        }
      }
      this.paint();
    }
  }

  up(event) {
    this.fingers.delete(event.pointerId);
    if (this.fingers.size < 2) {
      this.pinch = null;
    }
    this.grab = null;
    this.drawing = false;
    this.paint();
  }

  // Arrow keys move what is in hand by a hundredth, so that it can be set without a mouse; Enter begins one, or sets a point.
  key(event) {
    if (!this.svg.isConnected || event.target.closest('input:not([type=radio]), select, textarea')) {
      return;
    }
    if ((event.ctrlKey || event.metaKey) && ['z', 'y'].includes(event.key)) {
      event.preventDefault();
      event.key === 'z' ? this.undo() : this.redo();
      return;
    }
    if (document.activeElement !== this.svg || this.tool === 'look') {
      return;
    }
    const step = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
    if (event.key === 'Enter') {
      this.keep();
      this.begin();
    } else if (step && this.points.length > 0) {
      this.keep();
      const moved = event.shiftKey || Number(this.tool) > 0 || (this.tool === 'count' && this.second) ? [this.points.at(-1)] : this.points;
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

  begin() {
    const middle = [this.view.x + this.view.w / 2, this.view.y + this.view.h / 2];
    const size = this.view.w / 8;
    if (this.tool === 'one') {
      this.lists[0] = [middle];
    } else if (Number(this.tool) > 0 || (this.tool === 'count' && this.second)) {
      this.points.push([...(this.points.at(-1) ?? middle)]);
    } else if (CLOSED.includes(this.tool)) {
      this.lists[this.second ? 1 : 0] = [
        [middle[0] - size, middle[1] - size],
        [middle[0] + size, middle[1] - size],
        [middle[0], middle[1] + size],
      ];
    } else {
      this.lists[0] = [
        [middle[0] - size, middle[1] - size / 2],
        [middle[0] + size, middle[1] + size / 2],
      ];
    }
  }

  undo() {
    const before = this.past.pop();
    if (before) {
      this.future.push(JSON.stringify([this.lists, this.second]));
      [this.lists, this.second] = JSON.parse(before);
      this.paint();
    }
  }

  redo() {
    const next = this.future.pop();
    if (next) {
      this.past.push(JSON.stringify([this.lists, this.second]));
      [this.lists, this.second] = JSON.parse(next);
      this.paint();
    }
  }

  path(points, second) {
    const [a, b] = points;
    if (!a) {
      return '';
    }
    const shape = this.radio?.value;
    if (this.tool === 'drag' && shape === 'box') {
      return `M${a[0]} ${a[1]} H${b[0]} V${b[1]} H${a[0]} Z`;
    }
    if (this.tool === 'drag' && shape === 'ellipse') {
      const [rx, ry, w] = [Math.abs(b[0] - a[0]) / 2, Math.abs(b[1] - a[1]) / 2, Math.abs(b[0] - a[0])];
      return `M${Math.min(a[0], b[0])} ${(a[1] + b[1]) / 2} a${rx} ${ry} 0 1 0 ${w} 0 a${rx} ${ry} 0 1 0 ${-w} 0`;
    }
    const unit = this.view.w / 90;
    const crosses = points.map(([x, y]) => `M${x - unit} ${y} h${2 * unit} M${x} ${y - unit} v${2 * unit}`).join(' ');
    if (this.tool === 'one' || (this.tool === 'count' && second)) {
      return crosses;
    }
    const line = `M${points.map((point) => point.join(' ')).join(' L')}`;
    return Number(this.tool) > 0 ? `${line} ${crosses}` : `${line}${CLOSED.includes(this.tool) && points.length > 2 ? ' Z' : ''}`;
  }

  isWhole() {
    const [first, inside] = this.lists;
    switch (this.tool) {
      case 'look':
        return false;
      case 'one':
        return first.length === 1;
      case 'drag':
        return first.length === 2 && Math.hypot(first[0][0] - first[1][0], first[0][1] - first[1][1]) > 2;
      case 'stroke':
        return first.length > 1;
      case 'outline':
        return first.length > 2;
      case 'count':
        return first.length > 2 && this.second;
      case 'twofold':
        return first.length > 2 && (inside.length > 2 || (this.radio.dataset.optional !== undefined && inside.length === 0));
      default:
        return first.length === Number(this.tool);
    }
  }

  paint() {
    this.draft.setAttribute('d', `${this.path(this.lists[0], false)} ${this.path(this.lists[1], true)}`);
    const share = (list) => JSON.stringify(list.map(([x, y]) => [x / this.width, y / this.height]));
    for (const form of document.querySelectorAll('form.drawing')) {
      const mine = form === this.form;
      form.elements.points.value = mine ? share(this.lists[0]) : '[]';
      if (form.elements.inside) {
        form.elements.inside.value = mine ? share(this.lists[1]) : '[]';
      }
      (form.querySelector('[data-draws]') ?? form.querySelector('[type=submit]')).disabled = !(mine && this.isWhole());
      const second = form.querySelector('[data-second]');
      if (second) {
        second.hidden = !(mine && ['twofold', 'count'].includes(this.tool) && !this.second && this.lists[0].length > 2);
      }
    }
  }

  zoom(factor, around = null) {
    const [x, y] = around ?? [this.view.x + this.view.w / 2, this.view.y + this.view.h / 2];
    // To the last pixel: no closer than twenty of them across.
    const w = Math.min(Math.max(this.view.w / factor, 20), this.width);
    const scale = w / this.view.w;
    this.view = { x: x - (x - this.view.x) * scale, y: y - (y - this.view.y) * scale, w, h: this.view.h * scale };
    if (w === this.width) {
      this.view = { x: 0, y: 0, w: this.width, h: this.height };
    }
    // Seen closer than the shown size has pixels, the full one is fetched, once.
    if (this.box.dataset.original && this.svg.clientWidth / this.view.w > 1600 / this.width) {
      this.svg.querySelector('image')?.setAttribute('href', this.box.dataset.original);
      delete this.box.dataset.original;
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
