export const load = () => ({ nowMs: Date.now() });
