const BY_PROCESSOR = /swiftshader|llvmpipe|softpipe|software|basic render/i;

let known: boolean | undefined;

/**
 * Whether the browser draws with a graphics card. Without one its drawing context is worked out by the processor, and painting
 * there directly is faster: nothing is copied to and fro, and the page does not wait for it.
 */
export function hasCard(): boolean {
  known ??= asked();
  return known;
}

function asked(): boolean {
  const context = document.createElement('canvas').getContext('webgl2');
  if (!context) return false;
  const told = context.getExtension('WEBGL_debug_renderer_info');
  const name = String(context.getParameter(told ? told.UNMASKED_RENDERER_WEBGL : context.RENDERER));
  context.getExtension('WEBGL_lose_context')?.loseContext();
  return !BY_PROCESSOR.test(name);
}
