import { cleanup, configure } from '@testing-library/react';
import { afterEach } from 'vitest';

// What is waited for comes when it comes: on a busy machine a second is nothing.
configure({ asyncUtilTimeout: 20_000 });

// Files share their modules, and the library tidies up by itself only for the file that imports it first.
afterEach(cleanup);
