-- Whatever someone owes by a day stands once, with its extensions and its job: fix lists, doubts and later papers.
create table ask (
  id           uuid primary key,
  claim_id     uuid not null references claim,
  kind         text not null check (kind in ('FIX_LIST', 'DOUBT', 'LATER_PAPERS')),
  about        uuid not null,
  what         jsonb not null,
  first_due_on date not null,
  due_on       date not null,
  then_what    text not null check (then_what in ('DECIDE', 'CLOSE', 'STOP')),
  state        text not null check (state in ('OPEN', 'PARTLY', 'ANSWERED', 'LAPSED', 'WITHDRAWN')),
  asked_by     text not null,
  asked_at     timestamptz not null
);
create unique index ask_open on ask (claim_id, kind) where state in ('OPEN', 'PARTLY');
create index ask_of_claim on ask (claim_id, asked_at);
create index ask_about on ask (about);

insert into ask (id, claim_id, kind, about, what, first_due_on, due_on, then_what, state, asked_by, asked_at)
select f.id, f.claim_id, 'FIX_LIST', f.id,
  jsonb_build_object('say', 'wait.fix-list', 'with', jsonb_build_array(
    (select count(*) from jsonb_array_elements(f.points) p where p ->> 'answeredAt' is null))),
  f.first_due_on, f.due_on, f.then_what,
  case when f.state <> 'SENT' then f.state
    when c.state not in ('RECEIVED', 'IN_REVIEW', 'READY', 'WAITING', 'FROZEN') then 'WITHDRAWN'
    when exists (select from jsonb_array_elements(f.points) p where p ->> 'answeredAt' is not null) then 'PARTLY'
    else 'OPEN' end,
  '', f.sent_at
from fix_list f join claim c on c.id = f.claim_id where f.state <> 'DRAFT' and f.sent_at is not null;

insert into ask (id, claim_id, kind, about, what, first_due_on, due_on, then_what, state, asked_by, asked_at)
select gen_random_uuid(), d.claim_id, 'DOUBT', d.claim_id, '{"say": "wait.doubt"}', d.first_due_on, d.due_on, 'DECIDE',
  case when d.state in ('FILED', 'NOT_ME') then 'ANSWERED' when d.state = 'LAPSED' then 'LAPSED'
    when c.state in ('RECEIVED', 'IN_REVIEW', 'READY', 'WAITING', 'FROZEN') then 'OPEN' else 'WITHDRAWN' end,
  d.asked_by, d.asked_at
from doubt d join claim c on c.id = d.claim_id;

insert into ask (id, claim_id, kind, about, what, first_due_on, due_on, then_what, state, asked_by, asked_at)
select gen_random_uuid(), u.claim_id, 'LATER_PAPERS', u.claim_id, '{"say": "wait.papers"}', u.papers_by, u.papers_by, 'STOP',
  case when c.state = 'WAITING' then 'OPEN' when c.closed then 'LAPSED' else 'ANSWERED' end, u.decided_by, u.decided_at
from urgent_award u join claim c on c.id = u.claim_id;

create table more_time (
  id          uuid primary key,
  ask_id      uuid not null references ask,
  asked_by    text not null,
  why         text not null,
  days        int not null check (days > 0),
  asked_at    timestamptz not null,
  state       text not null check (state in ('ASKED', 'GRANTED', 'REFUSED')),
  answer      text not null default '',
  answered_by text not null default ''
);
create unique index more_time_open on more_time (ask_id) where state = 'ASKED';
create index more_time_of_ask on more_time (ask_id, asked_at);

insert into more_time select * from extension;
insert into more_time (id, ask_id, asked_by, why, days, asked_at, state)
select gen_random_uuid(), a.id, acc.display_name, coalesce(nullif(d.more_time_why, ''), '-'), d.due_on - d.first_due_on, d.asked_at, 'GRANTED'
from doubt d join ask a on a.claim_id = d.claim_id and a.kind = 'DOUBT' join claim c on c.id = d.claim_id
  join account acc on acc.id = c.applicant_id
where d.due_on > d.first_due_on;
drop table extension;

alter table fix_list drop column first_due_on;
alter table doubt drop column first_due_on, drop column due_on, drop column more_time_why, add column ask_id uuid references ask;
update doubt d set ask_id = a.id from ask a where a.claim_id = d.claim_id and a.kind = 'DOUBT';
alter table doubt alter column ask_id set not null;
alter table urgent_award drop column papers_by, add column ask_id uuid references ask;
update urgent_award u set ask_id = a.id from ask a where a.claim_id = u.claim_id and a.kind = 'LATER_PAPERS';
alter table urgent_award alter column ask_id set not null;

delete from scheduled_tasks where task_name in ('lapse-fix-list', 'lapse-doubt', 'follow-urgent-award');
insert into scheduled_tasks (task_name, task_instance, execution_time, picked, version)
select 'lapse-ask', id || '@' || due_on, (due_on + 1)::timestamp at time zone 'Atlantic/Azores', false, 1
from ask where state in ('OPEN', 'PARTLY');
