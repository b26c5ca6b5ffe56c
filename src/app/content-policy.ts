/**
 * What a page may load: of its own address alone, and no script but files and those that carry one of these marks.
 *
 * @example contentPolicy(["'nonce-x7k2'"]) // "default-src 'self'; script-src 'self' 'wasm-unsafe-eval' 'nonce-x7k2'; ..."
 */
export function contentPolicy(marks: readonly string[]): string {
  return [
    "default-src 'self'",
    // Solvers and bodies are WebAssembly; nothing is made of text.
    ["script-src 'self' 'wasm-unsafe-eval'", ...marks].join(' '),
    // The parts of Antd write their styles into the page.
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self' data: blob:",
    "worker-src 'self' blob:",
    "object-src 'none'",
    "base-uri 'self'",
    "form-action 'self'",
  ].join('; ');
}
