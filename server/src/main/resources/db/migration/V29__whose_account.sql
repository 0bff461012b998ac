-- Money goes to an account that was given by whoever it is for, or taken down for them, and to no other: each has one of
-- their own, and it is known who gave it.
alter table payee drop constraint payee_pkey;
alter table payee add primary key (claim_id, whom);
alter table payee
    add column given_by jsonb,
    -- another was given before, so that somebody may look twice
    add column changed  boolean not null default false;

-- Where the bank is told to place money is settled before it is told.
alter table payment
    add column holder  text not null default '',
    add column address text not null default '';
