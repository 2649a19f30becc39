export { load } from '../../../film/run/[id]/+page.server.ts';
