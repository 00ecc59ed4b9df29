/** Node's own request takes absolute addresses only; a page's stands on its own address. */
class PageRequest extends Request {
  constructor(input: RequestInfo | URL, init?: RequestInit) {
    super(typeof input === 'string' ? new URL(input, 'http://localhost').href : input, init);
  }
}

globalThis.Request = PageRequest;

// A page without layout scrolls nowhere.
if (typeof Element !== 'undefined') Element.prototype.scrollIntoView = () => undefined;
