import { cleanup } from '@testing-library/react';
import { afterEach } from 'vitest';

// Files share their modules, and the library tidies up by itself only for the file that imports it first.
afterEach(cleanup);
