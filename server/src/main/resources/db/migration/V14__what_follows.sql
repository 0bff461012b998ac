-- What follows a decision but for money: done once, by someone, and seen by both sides.
create table follow_up (
  id         uuid primary key,
  claim_id   uuid not null references claim,
  run_id     uuid not null references determination_run,
  kind       text not null check (kind in ('ISSUE', 'MEET', 'ENTER', 'CHECK_AGAIN')),
  name       text not null,
  due_on     date not null,
  state      text not null check (state in ('PLANNED', 'DUE', 'DONE', 'STOPPED')),
  note       text not null default '',
  done_by    text,
  changed_at timestamptz not null,
  unique (claim_id, kind, name)
);
create index follow_up_open on follow_up (claim_id) where state in ('PLANNED', 'DUE');

-- A decision's letters to others than the applicant, each with what is theirs.
create table letter_to_other (
  claim_id uuid not null references claim,
  whom     text not null,
  name     text not null,
  letter   text not null,
  at       timestamptz not null,
  primary key (claim_id, whom)
);
