export { keep, readKept } from './browser';
export { dropDraft, keepDraft, keptDraft, type KeptDraft } from './drafts';
