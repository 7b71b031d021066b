-- What decides: who is around, what is so about the plants, what was seen, whole plans; and the grower's own label sheets.
ALTER TABLE garden ADD COLUMN around TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(around));
ALTER TABLE garden ADD COLUMN home_made TEXT NOT NULL DEFAULT 'not-known';
ALTER TABLE garden ADD COLUMN plans TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(plans));
ALTER TABLE planting ADD COLUMN about TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(about));
ALTER TABLE planting ADD COLUMN height_m REAL CHECK (height_m > 0);
ALTER TABLE planting ADD COLUMN trunk_cm REAL CHECK (trunk_cm > 0);
ALTER TABLE trouble_case ADD COLUMN stage_seen TEXT;
ALTER TABLE lap ADD COLUMN sheet_id TEXT;
ALTER TABLE lap ADD COLUMN also TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(also));

-- Every save is a version of its own; the highest is the one in use.
CREATE TABLE own_sheet (
  id TEXT NOT NULL,
  version INTEGER NOT NULL CHECK (version > 0),
  document TEXT NOT NULL CHECK (json_valid(document)),
  saved_at TEXT NOT NULL,
  PRIMARY KEY (id, version)
) STRICT;
CREATE TABLE own_sheet_removed (
  id TEXT PRIMARY KEY,
  removed_at TEXT NOT NULL
) STRICT;
