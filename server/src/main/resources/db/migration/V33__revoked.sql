-- A document can be taken back by a supervisor: it stands no more, and nothing is made out in its place by itself.
alter table document
  add column revoked_on date,
  add column revoked_why text,
  add constraint revoked_with_a_reason check ((revoked_on is null) = (revoked_why is null));
