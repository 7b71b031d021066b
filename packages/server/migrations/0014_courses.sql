-- How the course of a case stands as the grower wants it, and the days on which nobody is there.
ALTER TABLE trouble_case ADD COLUMN course TEXT NOT NULL DEFAULT '';
ALTER TABLE garden ADD COLUMN away TEXT NOT NULL DEFAULT '[]';
