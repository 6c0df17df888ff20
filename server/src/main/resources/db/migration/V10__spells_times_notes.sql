-- What an entry in the log is, and what it says beside its faults. Counts: fault:number, joined by commas.
ALTER TABLE run ADD COLUMN sort TEXT NOT NULL DEFAULT 'RUN';
ALTER TABLE run ADD COLUMN seconds REAL;
ALTER TABLE run ADD COLUMN minutes REAL;
ALTER TABLE run ADD COLUMN laps INTEGER;
ALTER TABLE run ADD COLUMN fault_counts TEXT NOT NULL DEFAULT '';
ALTER TABLE run ADD COLUMN note TEXT NOT NULL DEFAULT '';
