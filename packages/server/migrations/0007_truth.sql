-- Records of what was done are always taken: what they broke, and where no safe picking date can be named. They are struck out, never deleted.
ALTER TABLE treatment ADD COLUMN pick_unknown INTEGER NOT NULL DEFAULT 0;
ALTER TABLE treatment ADD COLUMN struck_at TEXT;
CREATE INDEX treatment_pick_unknown ON treatment (pick_unknown) WHERE pick_unknown = 1 AND struck_at IS NULL;

UPDATE treatment SET document = json_insert(
  document,
  '$.troubleId', json('null'),
  '$.purpose', 'seen',
  '$.mixId', json('null'),
  '$.sheetId', json('null'),
  '$.trunkCm', json('null'),
  '$.heightM', json('null'),
  '$.count', json('null'),
  '$.madeAt', json('null'),
  '$.leftMl', json('null'),
  '$.slips', json('[]'),
  '$.corrects', json('null'),
  '$.pickUnknown', json('false'),
  '$.broke', json('[]'),
  '$.struck', json('null')
);
