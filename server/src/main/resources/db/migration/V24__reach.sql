-- How far the feet come to the ground on the usual machine; missing where nobody looked.
ALTER TABLE rider ADD COLUMN reach TEXT;
