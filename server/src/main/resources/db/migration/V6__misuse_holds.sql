-- Which claims each case of misuse holds, so that closing one case lets go of nothing that another holds.
create table misuse_hold (
  case_id  uuid not null references misuse_case,
  claim_id uuid not null references claim,
  primary key (case_id, claim_id)
);
create index misuse_hold_of_claim on misuse_hold (claim_id);
insert into misuse_hold (case_id, claim_id)
select m.id, c.id from misuse_case m join claim c on c.id = m.claim_id where c.state = 'FROZEN' and m.state <> 'RELEASED';
