-- Whether single letters do something at the desk, as whoever has the account wants it.
alter table account add column keys boolean not null default true;

-- Nobody has allowed anything until they said so.
alter table contact alter column may_letter set default false;
alter table contact alter column may_email set default false;
alter table contact alter column may_text set default false;
alter table contact alter column may_call set default false;
