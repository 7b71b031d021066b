-- What was counted lately is asked for each time a walk is planned: fifty years of counts are not read through for it.
CREATE INDEX tally_at ON tally (at);
