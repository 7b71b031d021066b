-- What is read off by hand once a day, what is seen on a plant once a year, and what somebody does not want to be told of.
CREATE TABLE reading (
  id TEXT PRIMARY KEY,
  at TEXT NOT NULL,
  document TEXT NOT NULL
) STRICT;
CREATE INDEX reading_at ON reading (at);
CREATE TABLE milestone (
  id TEXT PRIMARY KEY,
  planting_id TEXT NOT NULL REFERENCES planting (id),
  document TEXT NOT NULL
) STRICT;
CREATE TABLE hush (
  id TEXT PRIMARY KEY,
  planting_id TEXT NOT NULL REFERENCES planting (id),
  document TEXT NOT NULL
) STRICT;
-- An hour is from a file, or from a station of the household's own.
ALTER TABLE weather_hour ADD COLUMN source TEXT NOT NULL DEFAULT 'file';
