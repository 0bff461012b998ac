-- Each try to sign in is counted before its password is looked at, so that many at once are counted too; one that was
-- right is taken out again.
alter table login_failure add column device text not null default '';
create index login_failure_device on login_failure (device, at) where device <> '';

-- From where an account was used before: such a device is let in whoever else tries to guess the password.
create table known_device (
  token_digest text not null,
  account_id   uuid not null references account,
  used_at      timestamptz not null,
  primary key (token_digest, account_id)
);

create table sign_up (
  id      bigint generated always as identity primary key,
  address text not null,
  at      timestamptz not null
);
create index sign_up_recent on sign_up (address, at);

-- Someone asked for a new password under an address, whether or not an account has it; gone once that was answered.
create table password_ask (
  id      uuid primary key,
  email   text not null,
  address text not null,
  at      timestamptz not null
);

-- A link with which a password can be set anew, once and for an hour; only its digest is here.
create table password_link (
  token_digest text primary key,
  account_id   uuid not null references account,
  made_at      timestamptz not null,
  used_at      timestamptz
);
create index password_link_of_account on password_link (account_id);
