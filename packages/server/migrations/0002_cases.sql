-- Looks, cases with their laps, and treatments: what was seen, decided and done.
CREATE TABLE trouble_case (
  id TEXT PRIMARY KEY,
  revision INTEGER NOT NULL,
  planting_id TEXT NOT NULL REFERENCES planting (id),
  trouble_id TEXT NOT NULL,
  confidence REAL NOT NULL,
  look_id TEXT NOT NULL,
  opened_at TEXT NOT NULL,
  status TEXT NOT NULL CHECK (status IN ('open', 'cleared')),
  closed_at TEXT
) STRICT;
CREATE INDEX trouble_case_open ON trouble_case (status, opened_at);

CREATE TABLE lap (
  case_id TEXT NOT NULL REFERENCES trouble_case (id),
  number INTEGER NOT NULL,
  control_id TEXT,
  why_higher TEXT NOT NULL,
  decided_at TEXT,
  mixed_at TEXT,
  planned_for TEXT,
  treatment_id TEXT,
  look_again_on TEXT,
  after_look_id TEXT,
  effect_percent REAL,
  PRIMARY KEY (case_id, number)
) STRICT, WITHOUT ROWID;

-- A look comes before its case is opened, so case_id is not a foreign key.
CREATE TABLE look (
  id TEXT PRIMARY KEY,
  planting_id TEXT NOT NULL REFERENCES planting (id),
  case_id TEXT,
  at TEXT NOT NULL,
  answers TEXT NOT NULL CHECK (json_valid(answers)),
  affected INTEGER,
  looked INTEGER,
  note TEXT NOT NULL
) STRICT;
CREATE INDEX look_case ON look (case_id, at);

CREATE TABLE treatment (
  id TEXT PRIMARY KEY,
  planting_id TEXT NOT NULL REFERENCES planting (id),
  case_id TEXT,
  control_id TEXT NOT NULL,
  finished_at TEXT NOT NULL,
  keep_out_until TEXT,
  pick_from TEXT,
  document TEXT NOT NULL CHECK (json_valid(document))
) STRICT;
CREATE INDEX treatment_time ON treatment (finished_at DESC, id);
CREATE INDEX treatment_planting ON treatment (planting_id, finished_at);
CREATE INDEX treatment_case ON treatment (case_id, finished_at);
CREATE INDEX treatment_keep_out ON treatment (keep_out_until) WHERE keep_out_until IS NOT NULL;
CREATE INDEX treatment_pick ON treatment (pick_from) WHERE pick_from IS NOT NULL;

CREATE TABLE sheet_confirmation (
  sheet_id TEXT NOT NULL,
  version INTEGER NOT NULL,
  confirmed_at TEXT NOT NULL,
  PRIMARY KEY (sheet_id, version)
) STRICT, WITHOUT ROWID;
