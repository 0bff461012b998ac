-- Somebody looks into each case of misuse, until a day; what was decided, done without or settled against the usual way
-- can be gone through without reading every line of every history.
alter table misuse_case
  add column owner_id uuid references account,
  add column due_on date;
update misuse_case set due_on = (opened_at at time zone 'Atlantic/Azores')::date + 14;
alter table misuse_case alter column due_on set not null;

create index claim_event_out_of_the_ordinary on claim_event (at desc, id desc)
  where kind in ('decided-despite', 'evidence-waived', 'register-without', 'overridden', 'revoked');
