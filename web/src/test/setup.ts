import { cleanup } from '@testing-library/react';
import { afterEach } from 'vitest';
import '../i18n';

// what browsers have and the document of the tests does not
globalThis.CSS ??= { escape: (text: string) => text } as typeof CSS;

afterEach(cleanup);
