-- A kept run with all its values' kinds, so that what was decided is told from it word for word and never worked out anew.
-- Runs from before have none; they are told by running them again on what they ran on.
alter table determination_run add column in_full jsonb;
