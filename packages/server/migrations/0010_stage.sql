-- Since when a planting is said to be at its stage: nothing grows by itself in a database, so it is asked about.
ALTER TABLE planting ADD COLUMN stage_on TEXT;
