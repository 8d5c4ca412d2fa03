// A browser that does as it is told: cookies, the key of its forms, and no more.
const PATIENCE = 15000;

export class Door {
  constructor(base, who) {
    this.base = base;
    this.who = who;
    this.cookies = new Map();
    this.token = '';
  }

  async ask(method, path, { body = null, raw = null, type = '', headers = {} } = {}) {
    const sent = { ...headers };
    if (this.cookies.size > 0) {
      sent.cookie = [...this.cookies].map(([name, value]) => `${name}=${value}`).join('; ');
    }
    let content;
    if (raw !== null) {
      content = raw;
      sent['content-type'] = type;
    } else if (body !== null && method !== 'GET') {
      content = new URLSearchParams(body).toString();
      sent['content-type'] = 'application/x-www-form-urlencoded';
    }
    const asked = `${method} ${path.slice(0, 160)}`;
    try {
      const response = await fetch(this.base + path, {
        method,
        headers: sent,
        body: content,
        redirect: 'manual',
        signal: AbortSignal.timeout(PATIENCE),
      });
      for (const line of response.headers.getSetCookie()) {
        const [, name, value] = /^([^=]+)=([^;]*)/.exec(line) ?? [];
        this.cookies.set(name, value);
      }
      return { status: response.status, text: await response.text(), type: response.headers.get('content-type') ?? '', asked };
    } catch (error) {
      // An address that no client would send is no request either.
      // A stream goes on until somebody leaves.
      if (error.name === 'TimeoutError') {
        return { status: path.endsWith('/stream') ? 204 : 598, text: '', type: '', asked };
      }
      const code = error.cause?.code ?? String(error);
      return { status: /^(E|UND_ERR_SOCKET)/.test(code) ? 599 : 400, text: '', type: '', asked: `${asked} (${code})` };
    }
  }

  async signIn(password) {
    const page = await this.ask('GET', '/login');
    const key = /name="_csrf_token" value="([^"]+)"/.exec(page.text)[1];
    await this.ask('POST', '/login', { body: { _username: this.who, _password: password, _csrf_token: key } });
    const floor = await this.ask('GET', '/');
    this.token = /name="_token" value="([^"]+)"/.exec(floor.text)?.[1] ?? '';
    if (!this.token) {
      throw new Error(`${this.who} is not signed in`);
    }
  }
}
