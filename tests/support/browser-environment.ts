import { TestEnvironment } from 'jest-environment-jsdom';

/** A page for component tests: jsdom, with what it lacks and Ant Design asks for. */
export default class BrowserEnvironment extends TestEnvironment {
  override async setup(): Promise<void> {
    await super.setup();
    const page = this.global as unknown as Record<string, unknown>;
    // Where one measures in millimeters: units are guessed from the language.
    Object.defineProperty(this.global.navigator, 'language', { value: 'en-GB', configurable: true });
    page.structuredClone ??= structuredClone;
    page.matchMedia ??= () => ({
      matches: false,
      addListener: () => undefined,
      removeListener: () => undefined,
      addEventListener: () => undefined,
      removeEventListener: () => undefined,
    });
    // jsdom knows no styles of pseudo-elements and complains of being asked.
    const styleOf = page.getComputedStyle as (element: Element) => CSSStyleDeclaration;
    page.getComputedStyle = (element: Element) => styleOf(element);
    // Node's own keeps a process alive that has an open port.
    page.MessageChannel ??= class {
      port1: { onmessage: (() => void) | null } = { onmessage: null };
      port2 = { postMessage: () => setTimeout(() => this.port1.onmessage?.(), 0) };
    };
    page.ResizeObserver ??= class {
      observe() {}
      unobserve() {}
      disconnect() {}
    };
  }
}
