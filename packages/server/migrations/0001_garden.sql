-- The garden, what grows in it and what the grower sprays with.
CREATE TABLE garden (
  id INTEGER PRIMARY KEY CHECK (id = 1),
  revision INTEGER NOT NULL,
  name TEXT NOT NULL,
  town TEXT NOT NULL,
  latitude REAL NOT NULL CHECK (latitude BETWEEN -90 AND 90),
  longitude REAL NOT NULL CHECK (longitude BETWEEN -180 AND 180),
  zone TEXT NOT NULL,
  units TEXT NOT NULL,
  policy TEXT NOT NULL,
  emergency_number TEXT NOT NULL,
  poison_centre TEXT NOT NULL,
  measures TEXT NOT NULL CHECK (json_valid(measures)),
  set_up INTEGER NOT NULL CHECK (set_up IN (0, 1))
) STRICT;

CREATE TABLE planting (
  id TEXT PRIMARY KEY,
  revision INTEGER NOT NULL,
  name TEXT NOT NULL,
  host_id TEXT NOT NULL,
  place TEXT NOT NULL,
  site TEXT NOT NULL,
  stage TEXT NOT NULL,
  edible INTEGER NOT NULL CHECK (edible IN (0, 1)),
  dense INTEGER NOT NULL CHECK (dense IN (0, 1)),
  area_m2 REAL NOT NULL CHECK (area_m2 > 0),
  pick_from TEXT,
  pick_until TEXT,
  deleted_at TEXT
) STRICT;

CREATE TABLE sprayer (
  id TEXT PRIMARY KEY,
  revision INTEGER NOT NULL,
  name TEXT NOT NULL,
  capacity_ml REAL NOT NULL CHECK (capacity_ml > 0),
  for_weedkiller INTEGER NOT NULL CHECK (for_weedkiller IN (0, 1))
) STRICT;
