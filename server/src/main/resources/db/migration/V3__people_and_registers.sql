-- Questions about one person or about the household, and what is done while a register stays silent.
alter table register_request drop constraint register_request_state_check;
alter table register_request
  add check (state in ('ASKED', 'SILENT', 'ANSWERED', 'WITHOUT')),
  add subject text not null default '',
  add because text not null default '';
create unique index register_request_open on register_request (claim_id, register, subject, question) where state in ('ASKED', 'SILENT');

-- Mail and text messages that the simulated carrier took.
create table standin_carried (
  id        uuid primary key,
  channel   text not null,
  recipient text not null,
  subject   text not null,
  body      text not null,
  at        timestamptz not null
);

-- Where each person of a claim can be reached, and how they may be.
create table contact (
  claim_id      uuid not null references claim,
  member        text not null,
  street        text not null default '',
  house_number  text not null default '',
  post_code     text not null default '',
  person_number text not null default '',
  email         text not null default '',
  phone         text not null default '',
  may_letter    boolean not null default true,
  may_email     boolean not null default true,
  may_text      boolean not null default true,
  may_call      boolean not null default true,
  safe_name     text not null default '',
  safe_time     text not null default '',
  primary key (claim_id, member)
);
create index contact_of_number on contact (person_number) where person_number <> '';

create table message (
  id         uuid primary key,
  claim_id   uuid not null references claim,
  from_staff boolean not null,
  author     text not null,
  body       text not null,
  at         timestamptz not null,
  read_at    timestamptz
);
create index message_of_claim on message (claim_id, at);

-- Word that goes out to say that there is news, or why none may go.
create table notice (
  id        uuid primary key,
  claim_id  uuid not null references claim,
  channel   text not null check (channel in ('EMAIL', 'TEXT', 'NONE')),
  recipient text not null,
  subject   text not null,
  body      text not null,
  state     text not null check (state in ('QUEUED', 'SENT', 'HELD')),
  made_at   timestamptz not null,
  sent_at   timestamptz
);
create index notice_of_claim on notice (claim_id, made_at desc);

-- People as the agency knows them across claims. A claim's member is another's only once a caseworker said so.
create table person (
  id     uuid primary key,
  name   text not null,
  shown  text not null,
  born   date not null,
  number text not null default ''
);
create index person_known on person (born, name);
create index person_named on person (name);
create index person_numbered on person (number) where number <> '';

alter table claim_person
  add own_person_id uuid references person,
  add person_id uuid references person;
create index claim_person_of on claim_person (person_id) where person_id is not null;

create table person_match (
  claim_id   uuid not null references claim,
  member     text not null,
  known      uuid not null references person,
  why        text not null,
  state      text not null check (state in ('PROPOSED', 'CONFIRMED', 'REFUSED')),
  settled_by text not null default '',
  settled_at timestamptz,
  primary key (claim_id, member, known)
);
