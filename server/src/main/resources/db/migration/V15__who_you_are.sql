-- Papers that were sent but not handed in yet: nobody but whoever sent them sees them. One that was taken back is kept
-- without its file.
alter table paper drop constraint paper_state_check;
alter table paper add constraint paper_state_check
  check (state in ('BEGUN', 'TAKEN_BACK', 'RECEIVED', 'ACCEPTED', 'SENT_BACK'));
alter table paper
  add column document_type text not null default '',
  add column back_of uuid references paper,
  add column remark text not null default '',
  add column fault_at jsonb;

-- What an identity is asked for, and what is answered.
alter table doubt drop constraint doubt_state_check;
alter table doubt add constraint doubt_state_check check (state in ('ASKED', 'FILED', 'SHOWN', 'NOT_ME', 'LAPSED'));
alter table doubt add column occasion text not null default 'DOUBTED' check (occasion in ('DOUBTED', 'OTHER_SERVICE', 'INTAKE'));

create table identity_answer (
  id           uuid primary key,
  claim_id     uuid not null references claim,
  round        int not null,
  filed        text not null default '' check (filed in ('', 'YES', 'NOT_SURE')),
  begun_at     timestamptz not null,
  handed_in_at timestamptz,
  number       text unique,
  signed_as    text not null default '',
  phone        text not null default '',
  may_call     boolean not null default false,
  sent         jsonb not null default '[]',
  unique (claim_id, round),
  check ((handed_in_at is null) = (number is null))
);
create sequence identity_answer_number;

-- From what kind of device a claim was handed in, so that whoever is asked can recognise it.
alter table claim_origin add column kind text not null default '' check (kind in ('', 'PHONE', 'TABLET', 'COMPUTER'));

-- A code by which pictures are sent from another device: used once, and then gone.
create table identity_carry (
  claim_id   uuid primary key references claim,
  account_id uuid not null references account,
  digest     text not null unique,
  until      timestamptz not null
);

-- Documents seen as originals at the counter.
create table original_seen (
  id            uuid primary key,
  claim_id      uuid not null references claim,
  document_type text not null,
  subject       text not null,
  name          text not null,
  date_of_birth date,
  issued_on     date,
  expires_on    date,
  number        text not null,
  compared      text not null,
  seen_by       text not null,
  at            timestamptz not null
);
create index original_seen_of_claim on original_seen (claim_id);

-- That the pictures of two documents were compared by eye, and what was seen.
create table identity_compared (
  claim_id uuid not null references claim,
  words    text not null,
  by_whom  text not null,
  at       timestamptz not null
);
create index identity_compared_of_claim on identity_compared (claim_id);

-- Answers about identities that a caseworker is to look at. Written down when something changes, so that the line is
-- read without looking into every claim.
create table identity_line (
  claim_id uuid primary key references claim,
  since    timestamptz not null,
  enough   boolean not null
);
create index identity_line_since on identity_line (since);

-- Zones of documents as they were read, by a digest of state and number, so that one that comes again under another name
-- is noticed.
create table zone_seen (
  claim_id uuid not null references claim,
  digest   text not null,
  name     text not null,
  primary key (claim_id, digest)
);
create index zone_seen_digest on zone_seen (digest);
create index payee_iban on payee (iban);

-- What spoke against a claim when its person was asked: how often each was wrong is told from it.
create table doubt_signal (
  claim_id uuid not null references claim,
  kind     text not null,
  primary key (claim_id, kind)
);

-- Things that several claims share for a good reason; they speak against nobody any more.
create table signal_dismissed (
  thing  text primary key,
  kind   text not null,
  reason text not null,
  by_whom text not null,
  at     timestamptz not null
);

-- A code sent by post to the address on record, for whoever has no account: whoever was named by someone else.
create table identity_letter (
  claim_id uuid primary key references claim,
  digest   text not null,
  tries    int not null default 0,
  made_at  timestamptz not null
);
