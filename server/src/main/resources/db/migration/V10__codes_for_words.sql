-- What the system says is kept as codes with their values and worded when it is read. What was said in words before, and
-- what people write, is a phrase as well: a plain text.
alter table claim
  alter column next_step type jsonb using to_jsonb(next_step),
  alter column wait_for type jsonb using to_jsonb(wait_for),
  alter column wait_then type jsonb using to_jsonb(wait_then);
alter table edition alter column because type jsonb using to_jsonb(because);
alter table claim_event alter column actor type jsonb using to_jsonb(actor);
alter table settlement
  alter column reason type jsonb using to_jsonb(reason),
  alter column settled_by type jsonb using to_jsonb(settled_by);
alter table decision
  alter column reason type jsonb using to_jsonb(reason),
  alter column decided_by type jsonb using to_jsonb(decided_by);
alter table evidence_asked alter column title type jsonb using to_jsonb(title);

-- A register's waiver was told from others by its words.
alter table evidence_waiver add column by_register boolean not null default false;
update evidence_waiver set by_register = true, reason = '', waived_by = ''
  where waived_by = 'The civil register has shown it.';
