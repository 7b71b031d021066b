-- Where the garden is, the day on which no flower was open, and looks at the sky where no station and no file says what it is like.
ALTER TABLE garden ADD COLUMN country TEXT NOT NULL DEFAULT '';
ALTER TABLE planting ADD COLUMN no_flower_on TEXT;
CREATE TABLE sky_look (
  id TEXT PRIMARY KEY,
  at TEXT NOT NULL,
  document TEXT NOT NULL
);
CREATE INDEX sky_look_at ON sky_look (at);
