-- A record keeps the fills of the sprayer as they went.
UPDATE treatment SET document = json_insert(document, '$.loads', json('[]'));
