-- What is paid after a decision: each month of a claim once, whatever is killed or said twice.
create table payment (
  id          uuid primary key,
  claim_id    uuid not null references claim,
  run_id      uuid not null references determination_run,
  consequence text not null check (consequence in ('PAY')),
  month       text not null check (month ~ '^[0-9]{4}-[0-9]{2}$'),
  cents       bigint not null check (cents > 0),
  due_on      date not null,
  state       text not null check (state in ('PLANNED', 'BOOKED', 'RETURNED', 'QUESTIONED', 'STOPPED')),
  attempt     int not null default 1,
  iban        text not null default '',
  booked_cents bigint,
  changed_at  timestamptz not null,
  unique (claim_id, consequence, month)
);
create index payment_planned on payment (claim_id) where state in ('PLANNED', 'RETURNED', 'QUESTIONED');

-- The account that a claim's money goes to, as the applicant gave it.
create table payee (
  claim_id uuid primary key references claim,
  iban     text not null,
  holder   text not null,
  given_at timestamptz not null
);

create table standin_booking (
  id     text primary key,
  iban   text not null,
  cents  bigint not null,
  state  text not null,
  at     timestamptz not null
);

alter table ask drop constraint ask_kind_check, drop constraint ask_then_what_check;
alter table ask
  add check (kind in ('FIX_LIST', 'DOUBT', 'LATER_PAPERS', 'ACCOUNT')),
  add check (then_what in ('DECIDE', 'CLOSE', 'STOP', 'KEEP'));

-- Decided claims whose time to object runs; they are few, since each is fulfilled after it.
create index claim_to_fulfil on claim (decided_at) where state = 'DECIDED';
