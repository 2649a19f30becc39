import type { TestProject } from 'vitest/node';
import { throwawayCluster } from '../../../tools/test.mjs';

declare module 'vitest' {
  interface ProvidedContext {
    clusterUrl: string;
  }
}

/** The cluster that ./katachron test started, or one of our own when a file is run alone. */
export default async function setup(project: TestProject) {
  const given = process.env.TEST_DATABASE_URL;
  if (given) {
    project.provide('clusterUrl', given);
    return undefined;
  }
  const cluster = await throwawayCluster();
  project.provide('clusterUrl', cluster.url);
  return cluster.remove;
}
