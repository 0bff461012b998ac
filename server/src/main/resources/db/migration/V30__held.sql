-- A claim that is decided already can be held too: nothing of it is paid or made out while misuse is looked into.
alter table claim add column held boolean not null default false;
update claim set held = true where state = 'FROZEN';
