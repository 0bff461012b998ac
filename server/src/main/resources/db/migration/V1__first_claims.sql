create extension if not exists pg_trgm;
create extension if not exists unaccent;

create table policy_version (
  policy_table text not null,
  effective    date not null,
  figures      jsonb not null,
  primary key (policy_table, effective)
);

create table account (
  id            uuid primary key,
  email         text not null unique check (email = lower(email)),
  display_name  text not null,
  role          text not null check (role in ('APPLICANT', 'CASEWORKER', 'SUPERVISOR', 'AUDITOR')),
  password_hash text not null,
  created_at    timestamptz not null
);

create table login_failure (
  id      bigint generated always as identity primary key,
  email   text not null,
  address text not null,
  at      timestamptz not null
);
create index login_failure_recent on login_failure (email, at);
create index login_failure_address on login_failure (address, at);

create table draft (
  id         uuid primary key,
  account_id uuid not null references account,
  programme  text not null,
  answers    jsonb not null,
  chapter    text not null,
  version    int not null,
  saved_at   timestamptz not null,
  claim_id   uuid
);
create unique index draft_open on draft (account_id, programme) where claim_id is null;

-- Voluntary answers, kept without any way back to whom they came from.
create table voluntary_statistics (
  id        uuid primary key,
  programme text not null,
  month     date not null,
  answers   jsonb not null
);

create table claim_number (
  series text primary key,
  last   int not null
);

create table claim (
  id             uuid primary key,
  number         text not null unique,
  programme      text not null,
  season         text,
  applicant_id   uuid not null references account,
  household_name text not null,
  search_text    text not null,
  state          text not null,
  received_at    timestamp not null,
  received_on    date not null,
  due_by         date not null,
  owner_id       uuid references account,
  stack          text,
  next_step      text not null,
  next_action    text not null,
  came_back_at   timestamptz,
  wait_on        text,
  wait_for       text,
  wait_until     date,
  wait_then      text,
  edition        int not null,
  closed         boolean not null default false,
  decided_at     timestamptz,
  version        int not null
);
create unique index claim_once_a_season on claim (applicant_id, programme, season) where season is not null and state <> 'WITHDRAWN' and not closed;
create index claim_of_applicant on claim (applicant_id, received_at desc);
create index claim_day_sheet on claim (stack, due_by, id) where stack is not null;
create index claim_day_sheet_mine on claim (owner_id, stack, due_by, id) where stack is not null;
create index claim_waiting on claim (owner_id, wait_on) where state = 'WAITING';
create index claim_decided on claim (owner_id, decided_at) where decided_at is not null;
create index claim_search on claim using gin (search_text gin_trgm_ops);

create table claim_person (
  claim_id   uuid not null references claim,
  member     text not null,
  name       text not null,
  born       date not null,
  primary key (claim_id, member)
);
create index claim_person_known on claim_person (born, name);

create table edition (
  claim_id  uuid not null references claim,
  number    int not null,
  case_file jsonb not null,
  because   text not null,
  made_at   timestamptz not null,
  primary key (claim_id, number)
);

create table claim_event (
  id       bigint generated always as identity primary key,
  claim_id uuid not null references claim,
  at       timestamptz not null,
  actor    text not null,
  kind     text not null,
  details  jsonb not null
);
create index claim_event_of_claim on claim_event (claim_id, id desc);

create table settlement (
  id         uuid primary key,
  claim_id   uuid not null references claim,
  path       text not null,
  view       text not null,
  value      jsonb not null,
  reason     text not null,
  settled_by text not null,
  settled_at timestamptz not null,
  undone_at  timestamptz
);
create unique index settlement_standing on settlement (claim_id, path) where undone_at is null;

create table register_request (
  id          uuid primary key,
  claim_id    uuid not null references claim,
  register    text not null,
  question    text not null,
  state       text not null check (state in ('ASKED', 'SILENT', 'ANSWERED')),
  attempts    int not null,
  asked_at    timestamptz not null,
  tried_at    timestamptz,
  answered_at timestamptz,
  answer      jsonb
);
create index register_request_of_claim on register_request (claim_id, asked_at desc);

create table fix_list (
  id          uuid primary key,
  claim_id    uuid not null references claim,
  round       int not null,
  state       text not null check (state in ('DRAFT', 'SENT', 'ANSWERED', 'LAPSED')),
  due_on      date not null,
  then_what   text not null check (then_what in ('DECIDE', 'CLOSE')),
  points      jsonb not null,
  sent_at     timestamptz,
  answered_at timestamptz,
  version     int not null,
  unique (claim_id, round)
);
create unique index fix_list_open on fix_list (claim_id) where state in ('DRAFT', 'SENT');

create table determination_run (
  id       uuid primary key,
  claim_id uuid not null references claim,
  edition  int not null,
  ran_at   timestamptz not null,
  ran_on   jsonb not null,
  result   jsonb not null
);
create index determination_run_of_claim on determination_run (claim_id, ran_at desc);

create table decision (
  claim_id   uuid primary key references claim,
  run_id     uuid not null references determination_run,
  kind       text not null check (kind in ('DETERMINED', 'CLOSED')),
  reason     text not null,
  decided_by text not null,
  decided_at timestamptz not null,
  letter     text not null
);

create table scheduled_tasks (
  task_name            text not null,
  task_instance        text not null,
  task_data            bytea,
  execution_time       timestamptz not null,
  picked               boolean not null,
  picked_by            text,
  last_success         timestamptz,
  last_failure         timestamptz,
  consecutive_failures int,
  last_heartbeat       timestamptz,
  version              bigint not null,
  priority             smallint,
  state                text,
  primary key (task_name, task_instance)
);
create index scheduled_tasks_due on scheduled_tasks (execution_time);
create index scheduled_tasks_heartbeat on scheduled_tasks (last_heartbeat);
create index scheduled_tasks_priority on scheduled_tasks (priority desc, execution_time);

create table spring_session (
  primary_id            char(36) not null primary key,
  session_id            char(36) not null unique,
  creation_time         bigint not null,
  last_access_time      bigint not null,
  max_inactive_interval int not null,
  expiry_time           bigint not null,
  principal_name        varchar(100)
);
create index spring_session_expiry on spring_session (expiry_time);
create index spring_session_principal on spring_session (principal_name);

create table spring_session_attributes (
  session_primary_id char(36) not null references spring_session on delete cascade,
  attribute_name     varchar(200) not null,
  attribute_bytes    bytea not null,
  primary key (session_primary_id, attribute_name)
);
