-- Hours loaded from a file go before the stand-in. The demonstration clock can be moved on.
CREATE TABLE weather_hour (
  at TEXT PRIMARY KEY,
  temperature_c REAL NOT NULL,
  humidity_pct REAL NOT NULL,
  wind_ms REAL NOT NULL,
  rain_mm REAL NOT NULL,
  cloud REAL NOT NULL
) STRICT, WITHOUT ROWID;

CREATE TABLE demo_clock (
  id INTEGER PRIMARY KEY CHECK (id = 1),
  base TEXT NOT NULL,
  now TEXT NOT NULL
) STRICT;
