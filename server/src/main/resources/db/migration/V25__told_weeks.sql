-- Hours that were planned are told week by week; what a week comes to then is paid as well, or was paid too much.
create table told_week (
  id        uuid primary key,
  claim_id  uuid not null references claim,
  monday    date not null,
  state     text not null check (state in ('TO_COME', 'ASKED', 'TOLD', 'NOT_TOLD', 'STOPPED')),
  run_id    uuid references determination_run,
  told_at   timestamptz,
  beyond    jsonb,
  looked_by text,
  unique (claim_id, monday)
);
create index told_week_open on told_week (claim_id) where state in ('TO_COME', 'ASKED');
create index told_week_beyond on told_week (told_at) where beyond is not null and looked_by is null;

alter table ask drop constraint ask_kind_check, drop constraint ask_then_what_check;
alter table ask add constraint ask_kind_check
  check (kind in ('FIX_LIST', 'DOUBT', 'LATER_PAPERS', 'ACCOUNT', 'FEE', 'HOURS', 'SIGNATURE', 'WORD', 'REGISTER'));
alter table ask add constraint ask_then_what_check
  check (then_what in ('DECIDE', 'CLOSE', 'STOP', 'KEEP', 'DROP', 'AS_PLANNED', 'GO_ON', 'WITHOUT', 'LOOK'));
-- Several weeks can be asked for at once.
drop index ask_open;
create unique index ask_open on ask (claim_id, kind, whom) where state in ('OPEN', 'PARTLY') and kind <> 'HOURS';
create unique index ask_open_hours on ask (claim_id, about) where state in ('OPEN', 'PARTLY') and kind = 'HOURS';

-- The same time can be paid in parts, each once. What the bank was told of is not changed any more.
alter table payment add column part int not null default 1;
alter table payment add column told_at timestamptz;
alter table payment drop constraint payment_claim_id_consequence_month_key;
alter table payment add unique (claim_id, consequence, paid_for, part);

-- What was paid too much for a time: found, and then either claimed back or let go by a decision of its own.
create table overpayment (
  id             uuid primary key,
  claim_id       uuid not null references claim,
  paid_for       text not null check (paid_for ~ '^[0-9]{4}-[0-9]{2}(-[0-9]{2})?$'),
  cents          bigint not null check (cents > 0),
  state          text not null check (state in ('FOUND', 'CLAIMED_BACK', 'LET_GO', 'GONE')),
  reason         text not null default '',
  letter         text,
  agreed_percent int check (agreed_percent between 1 and 100),
  found_at       timestamptz not null,
  decided_by     text,
  decided_at     timestamptz
);
create unique index overpayment_found on overpayment (claim_id, paid_for) where state = 'FOUND';
create index overpayment_of_claim on overpayment (claim_id);

-- What of a payment goes to what was paid too much before; it is set when the payment leaves.
create table kept_back (
  payment_id     uuid not null references payment,
  overpayment_id uuid not null references overpayment,
  cents          bigint not null check (cents > 0),
  primary key (payment_id, overpayment_id)
);
create index kept_back_of on kept_back (overpayment_id);

-- When someone opened the page of their link.
alter table ask_link add column opened_at timestamptz;

-- A form that anyone may print has a code that leads the form back and nobody to the page.
alter table ask_link drop constraint ask_link_way_check;
alter table ask_link add constraint ask_link_way_check check (way in ('EMAIL', 'TEXT', 'PAPER', 'SCAN'));

-- Money goes to an account, or as a postal order to an address.
alter table payee add column address text not null default '';
alter table payee add constraint payee_somewhere check ((iban = '') <> (address = ''));
alter table standin_booking add column address text not null default '';

alter table ledger_line drop constraint ledger_line_account_check;
alter table ledger_line add constraint ledger_line_account_check
  check (account in ('BANK', 'FEES_OWED', 'FEES', 'BENEFITS', 'OVERPAYMENT', 'UNMATCHED'));
