-- The last result of the identity check on a claim's applicant.
create table identity_check (
  claim_id   uuid primary key references claim,
  result     text not null,
  basis      text not null,
  changed_at timestamptz not null
);

-- A claim that is doubted: whether the person says that they filed it.
create table doubt (
  claim_id    uuid primary key references claim,
  state       text not null check (state in ('ASKED', 'FILED', 'NOT_ME', 'LAPSED')),
  first_due_on date not null,
  due_on      date not null,
  asked_by    text not null,
  why         text not null,
  more_time_why text not null default '',
  asked_at    timestamptz not null,
  answered_at timestamptz
);

-- From which device a claim was handed in, as a digest.
create table claim_origin (
  claim_id uuid primary key references claim,
  device   text not null
);
create index claim_origin_device on claim_origin (device);
create index contact_of_address on contact (post_code, street, house_number) where street <> '';
create index contact_of_phone on contact (phone) where phone <> '';

create table misuse_case (
  id        uuid primary key,
  claim_id  uuid not null unique references claim,
  state     text not null check (state in ('OPEN', 'RELEASED', 'REFERRED')),
  opened_at timestamptz not null,
  words     text not null default '',
  closed_by text not null default '',
  closed_at timestamptz
);

-- A difference that was settled without asking, since nothing hung on it.
alter table settlement add unasked boolean not null default false;

-- A claim that cannot wait, and what was paid on identity alone.
alter table claim add urgent boolean not null default false;
create table urgent_award (
  claim_id   uuid primary key references claim,
  run_id     uuid not null references determination_run,
  decided_by text not null,
  decided_at timestamptz not null,
  papers_by  date not null,
  letter     text not null
);
