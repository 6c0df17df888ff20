export * from './format';
export { PreferencesProvider, readsFeet, usePreferences, type Preferences } from './preferences';
export { isSame } from './sizes';
