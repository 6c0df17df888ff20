-- Somebody who comes no more and whose records are kept: offered nowhere, until they come again.
ALTER TABLE rider ADD COLUMN archived INTEGER NOT NULL DEFAULT 0;
