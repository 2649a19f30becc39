export const matchers = {};
