-- Whom outside the household money goes to, by the programme's code for them; empty for the household.
alter table payment add column whom text not null default '';
alter table payee add column whom text not null default '';
