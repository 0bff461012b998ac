-- Staff who said that they know the people of a claim: somebody else works on it and decides it.
create table close_to (
  claim_id   uuid not null references claim,
  account_id uuid not null references account,
  at         timestamptz not null,
  primary key (claim_id, account_id)
);

-- Staff who printed a code for an applicant's account: somebody else decides whatever is applied for with it.
create table holds_code (
  applicant_id uuid not null references account,
  account_id   uuid not null references account,
  primary key (applicant_id, account_id)
);
insert into holds_code select distinct account_id, by_account from account_event where what = 'PAPER';
