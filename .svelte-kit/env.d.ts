// See https://svelte.dev/docs/kit/environment-variables for more information
