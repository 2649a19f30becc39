export function freePort(port: number, host?: string): Promise<number | undefined>;
