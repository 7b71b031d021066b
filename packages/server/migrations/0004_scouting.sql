-- Scouting: how much damage is borne, rounds of the garden, and photographs.
ALTER TABLE planting ADD COLUMN tolerance TEXT NOT NULL DEFAULT 'usual' CHECK (tolerance IN ('spotless', 'usual', 'easy-going'));

CREATE TABLE walk (
  id TEXT PRIMARY KEY,
  revision INTEGER NOT NULL,
  started_at TEXT NOT NULL,
  finished_at TEXT
) STRICT;
CREATE INDEX walk_started ON walk (started_at DESC);

CREATE TABLE walk_stop (
  walk_id TEXT NOT NULL REFERENCES walk (id),
  number INTEGER NOT NULL,
  planting_id TEXT NOT NULL REFERENCES planting (id),
  state TEXT NOT NULL CHECK (state IN ('to-do', 'clear', 'found', 'passed')),
  at TEXT,
  note TEXT NOT NULL,
  PRIMARY KEY (walk_id, number)
) STRICT, WITHOUT ROWID;

-- Repeats the time of its stop, so that the last count of a planting is one step in the index.
CREATE TABLE tally (
  walk_id TEXT NOT NULL,
  stop_number INTEGER NOT NULL,
  trouble_id TEXT NOT NULL,
  planting_id TEXT NOT NULL REFERENCES planting (id),
  at TEXT NOT NULL,
  affected INTEGER NOT NULL CHECK (affected >= 0),
  looked INTEGER NOT NULL CHECK (looked >= affected),
  PRIMARY KEY (walk_id, stop_number, trouble_id),
  FOREIGN KEY (walk_id, stop_number) REFERENCES walk_stop (walk_id, number)
) STRICT, WITHOUT ROWID;
CREATE INDEX tally_planting ON tally (planting_id, at);

-- Pictures are kept in the database, so that one file is the whole garden and a backup misses nothing.
CREATE TABLE photo (
  id TEXT PRIMARY KEY,
  look_id TEXT NOT NULL,
  taken_at TEXT NOT NULL,
  width INTEGER NOT NULL,
  height INTEGER NOT NULL,
  sent_sha256 TEXT NOT NULL,
  jpeg BLOB NOT NULL,
  deleted_at TEXT
) STRICT;
CREATE INDEX photo_look ON photo (look_id, taken_at);
