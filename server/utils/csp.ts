/**
 * The content security policy sent with every answer.
 * @param scriptHashes CSP source expressions (`'sha256-…'`) of the inline scripts in this very document.
 * @param compiling lets a script compile WebAssembly, which the solver's worker does.
 */
export function csp(scriptHashes: string[] = [], compiling = false): string {
  return [
    `default-src 'self'`,
    [`script-src 'self'`, ...(compiling ? [`'wasm-unsafe-eval'`] : []), ...scriptHashes].join(' '),
    // The chart and the component library set style attributes; no script can come in that way.
    `style-src 'self' 'unsafe-inline'`,
    `img-src 'self' data: blob:`,
    `font-src 'self'`,
    `connect-src 'self'`,
    `worker-src 'self'`,
    `manifest-src 'self'`,
    `object-src 'none'`,
    `base-uri 'none'`,
    `form-action 'self'`,
    `frame-ancestors 'none'`,
  ].join('; ')
}
