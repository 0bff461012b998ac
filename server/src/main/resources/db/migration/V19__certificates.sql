-- A photo handed in with an application: of a draft until that is handed in, of the claim from then on.
create table photo (
  id         uuid primary key,
  account_id uuid not null references account,
  programme  text not null,
  claim_id   uuid references claim,
  digest     text not null,
  format     text not null,
  width_px   int not null,
  height_px  int not null,
  bytes      bigint not null,
  given_at   timestamptz not null
);
create unique index photo_of_draft on photo (account_id, programme) where claim_id is null;
create unique index photo_of_claim on photo (claim_id) where claim_id is not null;
create index photo_digest on photo (digest);

-- A fee that follows a decision: asked for once a claim, booked once, and given back at most once.
create table charge (
  claim_id   uuid primary key references claim,
  reference  text not null unique,
  cents      bigint not null check (cents > 0),
  state      text not null check (state in ('OPEN', 'PAID', 'LAPSED', 'GIVEN_BACK')),
  pay_by     date not null,
  ask_id     uuid not null references ask,
  changed_at timestamptz not null,
  receipt    text not null default ''
);

-- Each time someone set out to pay: a page of the payment service, under a name that is used once.
create table checkout (
  id         text primary key,
  claim_id   uuid not null references charge,
  state      text not null check (state in ('BEGUN', 'PAID', 'REFUSED', 'QUESTIONED')),
  cents      bigint not null,
  begun_at   timestamptz not null,
  changed_at timestamptz not null
);
create index charge_receipt on charge (receipt) where receipt <> '';
create index checkout_of_claim on checkout (claim_id);

-- Money in and money out, in double entry: the lines of one booking come to nothing, and no line is ever changed.
create table ledger_line (
  booking  text not null,
  line     int not null,
  account  text not null check (account in ('BANK', 'FEES_OWED', 'FEES', 'BENEFITS')),
  cents    bigint not null check (cents <> 0),
  claim_id uuid not null references claim,
  day      date not null,
  at       timestamptz not null,
  primary key (booking, line)
);
create index ledger_of_claim on ledger_line (claim_id);

-- Documents that were made out, for good: their number says nothing and cannot be guessed.
create table document (
  id          uuid primary key,
  claim_id    uuid not null references claim,
  kind        text not null,
  number      text not null unique,
  digest      text not null,
  issued_on   date not null,
  valid_until date not null,
  replaced_by uuid references document,
  at          timestamptz not null
);
create unique index document_standing on document (claim_id, kind) where replaced_by is null;
create index document_digest on document (digest);

alter table follow_up drop constraint follow_up_kind_check;
alter table follow_up add check (kind in ('ISSUE', 'MEET', 'ENTER', 'CHECK_AGAIN', 'HAND_OVER'));

-- What the simulated payment service knows of each checkout.
create table standin_checkout (
  id        text primary key,
  cents     bigint not null,
  paid      bigint,
  state     text not null,
  return_to text not null,
  notice_to text not null,
  at        timestamptz not null
);

alter table ask drop constraint ask_kind_check;
alter table ask add constraint ask_kind_check
  check (kind in ('FIX_LIST', 'DOUBT', 'LATER_PAPERS', 'ACCOUNT', 'FEE', 'SIGNATURE', 'WORD', 'REGISTER'));
alter table ask drop constraint ask_then_what_check;
alter table ask add constraint ask_then_what_check
  check (then_what in ('DECIDE', 'CLOSE', 'STOP', 'KEEP', 'DROP', 'GO_ON', 'WITHOUT', 'LOOK'));

-- Whether someone whom the police register holds is the applicant: two people say so without knowing of each
-- other, anew for each answer of the register.
create table second_look (
  request_id uuid not null references register_request,
  reader_id uuid not null references account,
  opinion   text not null check (opinion in ('SAME', 'ANOTHER')),
  reason    text not null,
  at        timestamptz not null,
  primary key (request_id, reader_id)
);

-- The keys with which documents are signed: the newest signs, and what an older one signed can still be checked. The
-- private half is encrypted with a secret that is not in the database.
create table signing_key (
  id          uuid primary key,
  certificate bytea not null,
  sealed_key  bytea not null,
  made_at     timestamptz not null
);
