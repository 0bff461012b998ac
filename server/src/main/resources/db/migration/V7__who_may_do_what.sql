-- Every change to a claim or to what belongs to it counts, so that its version rises and an older view of it is stale.
alter table claim add column changes int not null default 0;

-- The day by which the desk means to decide: due_by stays as determined, and more time for an answer moves this one.
alter table claim add column decide_by date;
update claim set decide_by = due_by;
alter table claim alter column decide_by set not null;

drop index claim_day_sheet;
drop index claim_day_sheet_mine;
create index claim_day_sheet on claim (stack, decide_by, id) where stack is not null;
create index claim_day_sheet_mine on claim (owner_id, stack, decide_by, id) where stack is not null;
create index claim_untaken on claim (decide_by, id) where stack is not null and owner_id is null;
