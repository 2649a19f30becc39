import { operations } from '$lib/server/operations/index.ts';
import { answer, api, readBody } from '$lib/server/api.ts';
import { problem } from '$lib/server/problem/response.ts';

export const POST = api(async ({ params, request }) => {
  const operation = operations.find(({ id }) => id === params.operation);
  if (!operation) {
    const known = operations.map(({ id }) => id).join(', ');
    return problem(404, 'Not found', `The calculations are ${known}.`);
  }
  const question = await readBody(request, operation.request, operation.mostBytes);
  return answer(await operation.run(question));
});
