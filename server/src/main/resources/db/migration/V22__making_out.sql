-- What is to be made out once its fee is paid: the payment is booked first, and making out is work of its own, so that
-- neither stands in the way of the other; until it is done it can be given up.
create table making (
  claim_id uuid not null references claim,
  kind     text not null,
  state    text not null check (state in ('WAITING', 'MADE', 'GIVEN_UP')),
  at       timestamptz not null,
  primary key (claim_id, kind)
);
alter table charge drop constraint charge_state_check;
alter table charge add constraint charge_state_check check (state in ('OPEN', 'PAID', 'LAPSED', 'GIVEN_BACK'));
