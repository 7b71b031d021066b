-- The bench: what stands in the shed, soap that is being made, and how a sprayer was calibrated.
ALTER TABLE sprayer ADD COLUMN calibrations TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(calibrations));

CREATE TABLE shed_item (
  id TEXT PRIMARY KEY,
  revision INTEGER NOT NULL,
  kind TEXT NOT NULL CHECK (kind IN ('product', 'stock', 'soap', 'mix')),
  name TEXT NOT NULL,
  use_by TEXT,
  document TEXT NOT NULL CHECK (json_valid(document))
) STRICT;

CREATE TABLE batch (
  id TEXT PRIMARY KEY,
  revision INTEGER NOT NULL,
  started_at TEXT NOT NULL,
  ready_at TEXT,
  document TEXT NOT NULL CHECK (json_valid(document))
) STRICT;
CREATE INDEX batch_open ON batch (started_at) WHERE ready_at IS NULL;
