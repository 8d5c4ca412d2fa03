// The code that a phone scans, drawn as SVG from a link.
import qrcode from '../vendor/qrcode/qrcode.mjs';

const SVG = 'http://www.w3.org/2000/svg';

export function startPhone(root) {
  for (const box of root.querySelectorAll?.('[data-qr]') ?? []) {
    if (box.firstChild) {
      continue;
    }
    const code = qrcode(0, 'M');
    code.addData(box.dataset.qr);
    code.make();
    const size = code.getModuleCount();
    let path = '';
    for (let y = 0; y < size; y += 1) {
      for (let x = 0; x < size; x += 1) {
        path += code.isDark(y, x) ? `M${x + 4} ${y + 4}h1v1h-1z` : '';
      }
    }
    const svg = document.createElementNS(SVG, 'svg');
    svg.setAttribute('viewBox', `0 0 ${size + 8} ${size + 8}`);
    const ground = document.createElementNS(SVG, 'path');
    ground.setAttribute('d', `M0 0h${size + 8}v${size + 8}h-${size + 8}z`);
    ground.setAttribute('fill', '#fff');
    const dark = document.createElementNS(SVG, 'path');
    dark.setAttribute('d', path);
    dark.setAttribute('fill', '#000');
    svg.append(ground, dark);
    box.append(svg);
  }
}
