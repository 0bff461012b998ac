-- How a document that was made out reaches whoever asked for it: fetched at the desk or sent by post, each once.
create table handover (
  document_id uuid primary key references document,
  claim_id    uuid not null references claim,
  way         text not null,
  at_desk     boolean not null,
  to_proxy    boolean not null,
  state       text not null check (state in ('WAITING', 'GIVEN', 'SENT', 'RETURNED', 'DESTROYED')),
  due_on      date not null,
  remind_on   date not null,
  destroy_on  date not null,
  reminded    boolean not null default false,
  moved_on    date not null,
  moved_by    text not null,
  note        text not null,
  changed_at  timestamptz not null
);
create index handover_of_claim on handover (claim_id);
create index handover_open on handover (at_desk, due_on) where state = 'WAITING';
create index handover_returned on handover (moved_on) where state = 'RETURNED';
create index handover_sent on handover (moved_on) where state = 'SENT';

-- What was planned before as a follow-up is a handover from now on.
insert into handover (document_id, claim_id, way, at_desk, to_proxy, state, due_on, remind_on, destroy_on, moved_on, moved_by, note, changed_at)
select d.id, d.claim_id, f.name, f.name = 'DESK', false,
       case when f.state <> 'DONE' then 'WAITING' when f.name = 'DESK' then 'GIVEN' else 'SENT' end,
       f.due_on, f.due_on + 30, f.due_on + 90, f.changed_at::date, coalesce(f.done_by, ''), f.note, f.changed_at
from follow_up f join document d on d.claim_id = f.claim_id and d.replaced_by is null
where f.kind = 'HAND_OVER';
delete from follow_up where kind = 'HAND_OVER';
alter table follow_up drop constraint follow_up_kind_check;
alter table follow_up add constraint follow_up_kind_check check (kind in ('ISSUE', 'MEET', 'ENTER', 'CHECK_AGAIN'));

-- The one that is replaced names the one that replaces it before that is there.
alter table document drop constraint document_replaced_by_fkey;
alter table document add constraint document_replaced_by_fkey
  foreign key (replaced_by) references document deferrable initially deferred;

-- Money that came and is not the fee that is owed stands in an account of its own until it has gone back.
alter table ledger_line drop constraint ledger_line_account_check;
alter table ledger_line add constraint ledger_line_account_check
  check (account in ('BANK', 'FEES_OWED', 'FEES', 'BENEFITS', 'UNMATCHED'));
alter table checkout add column came bigint not null default 0;
alter table checkout drop constraint checkout_state_check;
alter table checkout add constraint checkout_state_check
  check (state in ('BEGUN', 'PAID', 'REFUSED', 'QUESTIONED', 'GIVEN_BACK'));
alter table charge drop constraint charge_state_check;
alter table charge add constraint charge_state_check check (state in ('OPEN', 'PAID', 'LAPSED'));
