-- Staff who said that they know the people of a claim: somebody else works on it and decides it.
create table close_to (
  claim_id   uuid not null references claim,
  account_id uuid not null references account,
  at         timestamptz not null,
  primary key (claim_id, account_id)
);
