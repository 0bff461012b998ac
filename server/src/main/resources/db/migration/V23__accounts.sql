-- An account can be closed; what it did stays its own.
alter table account add column state text not null default 'OPEN' check (state in ('OPEN', 'CLOSED'));

-- The second thing that whoever signs in shows: a code of an app, or one that is sent. At most one is in force.
create table second_factor (
  id           uuid primary key,
  account_id   uuid not null references account,
  kind         text not null check (kind in ('APP', 'EMAIL', 'TEXT')),
  secret       bytea,
  phone        text not null default '',
  begun_at     timestamptz not null,
  confirmed_at timestamptz,
  last_step    bigint not null default 0
);
create unique index second_factor_in_force on second_factor (account_id) where confirmed_at is not null;
create unique index second_factor_begun on second_factor (account_id) where confirmed_at is null;

create table recovery_code (
  account_id uuid not null references account,
  digest     text not null,
  used_at    timestamptz,
  primary key (account_id, digest)
);

-- A code that is sent; only its digest is here, and none before it leaves.
create table sent_code (
  id         uuid primary key,
  account_id uuid not null references account,
  factor_id  uuid not null,
  digest     text not null default '',
  at         timestamptz not null,
  used_at    timestamptz
);
create index sent_code_of_account on sent_code (account_id, at);

-- Someone wants an account under an address; whether anybody has one is found out when the code leaves.
create table sign_up_wish (
  id            uuid primary key,
  token_digest  text not null unique,
  email         text not null,
  display_name  text not null,
  password_hash text not null,
  code_digest   text not null default '',
  tries         int not null default 0,
  at            timestamptz not null
);

-- Addresses other than that of the account: nothing but the question whether it is theirs is sent before it is answered.
create table other_address (
  account_id   uuid not null references account,
  email        text not null,
  token_digest text not null default '',
  asked_at     timestamptz not null,
  confirmed_at timestamptz,
  primary key (account_id, email)
);
insert into other_address (account_id, email, asked_at, confirmed_at)
select distinct c.applicant_id, lower(k.email), now(), now()
from contact k join claim c on c.id = k.claim_id join account a on a.id = c.applicant_id
where k.email <> '' and lower(k.email) <> a.email;

-- What a link or a code on paper is for, and until when it holds.
alter table password_link add column purpose text not null default 'FORGOTTEN'
  check (purpose in ('FORGOTTEN', 'INVITED', 'AT_THE_COUNTER'));
alter table password_link add column valid_until timestamptz;
update password_link set valid_until = made_at + interval '1 hour';
alter table password_link alter column valid_until set not null;

-- When and from where an account was used.
create table sign_in (
  id         bigint generated always as identity primary key,
  account_id uuid not null references account,
  at         timestamptz not null,
  address    text not null
);
create index sign_in_of_account on sign_in (account_id, at desc);

-- What one supervisor wants of an account and a second one has to agree to.
create table account_change (
  id         uuid primary key,
  account_id uuid not null references account,
  role       text,
  state      text not null default 'ASKED' check (state in ('ASKED', 'AGREED', 'REFUSED')),
  asked_by   uuid not null references account,
  asked_at   timestamptz not null,
  settled_by uuid references account,
  settled_at timestamptz
);
create unique index account_change_open on account_change (account_id) where state = 'ASKED';

-- What was done to accounts of staff, by whom; nothing of it is ever changed.
create table account_event (
  id         bigint generated always as identity primary key,
  account_id uuid not null references account,
  by_account uuid not null references account,
  what       text not null,
  detail     text not null default '',
  at         timestamptz not null
);
