export function needChromium(): Promise<string>;
