-- The stacks are counted and their first rows found from this alone, without reading the claims.
create index claim_piled on claim (owner_id, stack, decide_by, id) include (urgent, decided_at, programme) where stack is not null;
drop index claim_day_sheet_mine;

-- Open claims are few and asked for most: whoever has a common name is found among them first.
create index claim_search_open on claim using gin (search_text gin_trgm_ops) where stack is not null;

-- The number that people say, without programme and year.
create index claim_short_number on claim (split_part(number, '-', 3));
