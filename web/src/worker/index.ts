export { KEPT_SINCE } from './reads';

/** Lets the app open without its server from now on; where a browser does not, it works as long as the page stays open. */
export function installWorker() {
  if (!import.meta.env.PROD || !('serviceWorker' in navigator)) return;
  navigator.serviceWorker.register('/sw.js').catch(() => undefined);
}
