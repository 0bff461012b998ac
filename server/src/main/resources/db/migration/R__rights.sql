-- What the application may do with what the owner of the tables made. It owns nothing, so it can neither change a table
-- nor lift these rights; what is history, an edition, a decision or the law it may add and read, never change.
do $$
begin
  if not exists (select from pg_roles where rolname = 'civitane_app') then
    create role civitane_app nologin;
  end if;
end
$$;

revoke create on schema public from public;
grant usage on schema public to civitane_app;
grant select, insert, update, delete on all tables in schema public to civitane_app;
grant usage on all sequences in schema public to civitane_app;
alter default privileges in schema public grant select, insert, update, delete on tables to civitane_app;
alter default privileges in schema public grant usage on sequences to civitane_app;

revoke all on flyway_schema_history from civitane_app;
revoke update, delete on original_seen, identity_compared, policy_version, edition, claim_event, determination_run, decision, urgent_award, letter_to_other, letter_page, ledger_line, account_event, signing_key, second_look, paper_store, close_to, holds_code
  from civitane_app;
revoke delete on account, claim, paper, message, notice, settlement, fix_list, ask, more_time, ask_link, ask_answer, ask_paper,
  said_otherwise, follow_up, payment, payee, doubt, handover, document, charge, checkout, making, account_change,
  identity_answer,
  identity_check, misuse_case, person, register_request
  from civitane_app;
