import { configure } from '@testing-library/svelte';

// A busy machine is no failure: what is waited for comes late there, and what never comes is told all the same.
configure({ asyncUtilTimeout: 8000 });
