-- A record keeps the fills of the sprayer as they went, and what was made at home; a case may be against what is not there yet.
UPDATE treatment SET document = json_insert(document, '$.loads', json('[]'), '$.made', json('null'));
ALTER TABLE trouble_case ADD COLUMN purpose TEXT NOT NULL DEFAULT 'seen';
