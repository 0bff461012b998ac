-- Others than the applicant owe something as well: who signs with them, who is asked outside. They answer by a link of
-- their own, of which only a digest is kept.
alter table ask add column whom text not null default '';
alter table ask drop constraint ask_kind_check;
alter table ask add constraint ask_kind_check
  check (kind in ('FIX_LIST', 'DOUBT', 'LATER_PAPERS', 'ACCOUNT', 'SIGNATURE', 'WORD', 'REGISTER'));
alter table ask drop constraint ask_then_what_check;
alter table ask add constraint ask_then_what_check
  check (then_what in ('DECIDE', 'CLOSE', 'STOP', 'KEEP', 'GO_ON', 'WITHOUT', 'LOOK'));
drop index claim_waiting;
create index claim_waiting on claim (owner_id, wait_on) where wait_on is not null;

drop index ask_open;
create unique index ask_open on ask (claim_id, kind, whom) where state in ('OPEN', 'PARTLY');

-- A register that stays silent owes an answer as well.
insert into ask (id, claim_id, kind, about, whom, what, first_due_on, due_on, then_what, state, asked_by, asked_at)
select gen_random_uuid(), r.claim_id, 'REGISTER', r.claim_id, r.id::text,
  jsonb_build_object('say', 'wait.register', 'with',
    jsonb_build_array(jsonb_build_object('say', 'register.in.' || upper(r.register)))),
  current_date + 3, current_date + 3, 'LOOK', 'OPEN', '', r.asked_at
from register_request r join claim c on c.id = r.claim_id
where r.state = 'SILENT' and c.state in ('RECEIVED', 'IN_REVIEW', 'READY', 'WAITING', 'FROZEN');
insert into scheduled_tasks (task_name, task_instance, execution_time, picked, version)
select 'lapse-ask', id || '@' || due_on, (due_on + 1)::timestamp at time zone 'Atlantic/Azores', false, 1
from ask where kind = 'REGISTER';

create table ask_link (
  id          uuid primary key,
  ask_id      uuid not null references ask,
  digest      text not null unique,
  way         text not null check (way in ('EMAIL', 'TEXT', 'PAPER')),
  made_at     timestamptz not null,
  expires_on  date not null,
  tries       int not null default 0,
  code_digest text,
  code_until  timestamptz,
  codes       int not null default 0,
  closed      boolean not null default false
);
create index ask_link_of_ask on ask_link (ask_id, made_at);

update claim set next_step = jsonb_set(next_step, '{say}', '"next.waiting.APPLICANT"')
where next_step ->> 'say' = 'next.waiting';

-- What was begun on a page opened by a link, and what came of it.
create table ask_answer (
  ask_id  uuid primary key references ask,
  answers jsonb not null,
  at      timestamptz not null,
  done    boolean not null default false
);

-- A form that came back on paper, led here by its code.
create table ask_paper (
  ask_id   uuid not null references ask,
  paper_id uuid not null references paper,
  at       timestamptz not null,
  primary key (ask_id, paper_id)
);

-- What someone who signs says is not right, until a caseworker has looked at it.
create table said_otherwise (
  id        uuid primary key,
  claim_id  uuid not null references claim,
  member    text not null,
  path      text not null,
  label     text not null,
  words     text not null,
  at        timestamptz not null,
  looked_by text,
  looked_at timestamptz,
  reason    text not null default ''
);
create index said_otherwise_of_claim on said_otherwise (claim_id, at);

-- Word that holds a link or a code is filled in when it leaves, so that neither is kept.
alter table notice add column secret_of uuid;
