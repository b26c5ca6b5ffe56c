import { configure } from '@testing-library/react';

// A slow machine is waited for: a time limit is no test of speed. Jest's own limit ends what never comes.
configure({ asyncUtilTimeout: 60_000 });
