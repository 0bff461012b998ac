create table paper (
  id         uuid primary key,
  claim_id   uuid not null references claim,
  digest     text not null,
  kind       text not null,
  subject    text not null,
  name       text not null,
  media_type text not null,
  bytes      bigint not null,
  pages      int not null,
  state      text not null check (state in ('RECEIVED', 'ACCEPTED', 'SENT_BACK')),
  reason     text not null default '',
  given_by   text not null,
  given_at   timestamptz not null,
  unique (claim_id, digest)
);

create table evidence_waiver (
  claim_id  uuid not null references claim,
  kind      text not null,
  subject   text not null,
  reason    text not null,
  waived_by text not null,
  waived_at timestamptz not null,
  primary key (claim_id, kind, subject)
);
