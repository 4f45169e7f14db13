import { PLANAR_MODULE } from './planarModule';

/** What the module does, with a memory of its own; null where this machine has no SIMD for it. */
export function planarExports<Exports>(): Exports | null {
  try {
    const module = new WebAssembly.Module(Buffer.from(PLANAR_MODULE, 'base64'));
    return new WebAssembly.Instance(module).exports as unknown as Exports;
  } catch {
    return null;
  }
}
