-- The state or province, where what may be used and what must be reported differs within the country.
ALTER TABLE garden ADD COLUMN region TEXT NOT NULL DEFAULT '';
