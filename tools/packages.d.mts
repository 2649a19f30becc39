export function needPostgres(): Promise<string>;
export function needChromium(): Promise<string>;
export function needPdfRenderer(): Promise<string>;
export function needModules(project: string): Promise<void>;
