-- When a file's hours were said: what lay ahead of that was a forecast, and stays one until it is measured.
ALTER TABLE weather_hour ADD COLUMN said_at TEXT;
