// @vitest-environment jsdom
import { renderHook, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';

beforeEach(() => {
  vi.resetModules();
  vi.stubEnv('PROD', true);
});
afterEach(() => {
  vi.unstubAllEnvs();
  Reflect.deleteProperty(navigator, 'serviceWorker');
});

/** What a browser says of a worker that is installed. */
class Registration extends EventTarget {
  waiting = null;
  installing: (EventTarget & { state: string; postMessage: () => void }) | null = null;
}

function browserThat(register: () => Promise<unknown>) {
  Object.defineProperty(navigator, 'serviceWorker', { configurable: true, value: { register } });
}

it('says at once that a browser without workers does not open the app alone', async () => {
  const { installWorker, useOpensAlone } = await import('.');
  const { result } = renderHook(useOpensAlone);
  expect(result.current).toBeUndefined();
  void installWorker(new Promise(() => undefined));
  await waitFor(() => expect(result.current).toBe(false));
});

it('leaves the network to the page until that is at rest', async () => {
  const register = vi.fn(() => Promise.resolve(new Registration()));
  browserThat(register);
  const { installWorker, useOpensAlone } = await import('.');
  const { result } = renderHook(useOpensAlone);
  let rest = () => {};
  const installed = installWorker(new Promise<void>((resolve) => (rest = resolve)));
  await Promise.resolve();
  expect(register).not.toHaveBeenCalled();
  rest();
  await installed;
  expect(register).toHaveBeenCalledExactlyOnceWith('/sw.js');
  await waitFor(() => expect(result.current).toBe(true));
});

it('says so where the browser refuses, as over an address it does not trust', async () => {
  browserThat(() => Promise.reject(new Error('certificate')));
  const { installWorker, useOpensAlone } = await import('.');
  const { result } = renderHook(useOpensAlone);
  await installWorker(Promise.resolve());
  await waitFor(() => expect(result.current).toBe(false));
});

it('says that a newer version waits, and opens it only when that is asked for', async () => {
  const registration = new Registration();
  const container = Object.assign(new EventTarget(), {
    controller: {},
    register: () => Promise.resolve(registration),
  });
  Object.defineProperty(navigator, 'serviceWorker', { configurable: true, value: container });
  const { installWorker, openNewerVersion, useNewerVersion } = await import('.');
  const { result } = renderHook(useNewerVersion);
  await installWorker(Promise.resolve());
  expect(result.current).toBe(false);
  const postMessage = vi.fn();
  const coming = Object.assign(new EventTarget(), { state: 'installing', postMessage });
  registration.installing = coming;
  registration.dispatchEvent(new Event('updatefound'));
  coming.state = 'installed';
  coming.dispatchEvent(new Event('statechange'));
  await waitFor(() => expect(result.current).toBe(true));
  expect(postMessage).not.toHaveBeenCalled();
  openNewerVersion();
  expect(postMessage).toHaveBeenCalledTimes(1);
});
