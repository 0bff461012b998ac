-- What a paper says: read by a job, looked at by a caseworker.
create table paper_reading (
  paper_id uuid primary key references paper,
  state    text not null check (state in ('WAITING', 'READ', 'NOTHING', 'FAILED')),
  shown    jsonb not null default '[]',
  read_at  timestamptz
);

-- What a claim was asked to show, so that it can be told what is no longer needed.
create table evidence_asked (
  claim_id uuid not null references claim,
  kind     text not null,
  subject  text not null,
  title    text not null,
  asked_on date not null,
  primary key (claim_id, kind, subject)
);
create index paper_accepted on paper (claim_id) where state = 'ACCEPTED';

-- More time for a fix list: asked for by the applicant, granted or refused by the caseworker.
create table extension (
  id          uuid primary key,
  fix_list_id uuid not null references fix_list,
  asked_by    text not null,
  why         text not null,
  days        int not null check (days > 0),
  asked_at    timestamptz not null,
  state       text not null check (state in ('ASKED', 'GRANTED', 'REFUSED')),
  answer      text not null default '',
  answered_by text not null default ''
);
create unique index extension_open on extension (fix_list_id) where state = 'ASKED';
create index extension_of_list on extension (fix_list_id, asked_at);
alter table fix_list add first_due_on date;
update fix_list set first_due_on = due_on;
alter table fix_list alter first_due_on set not null;
