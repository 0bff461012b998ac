-- The digest of a paper's file as it came; what is kept may be without what was noted beside a picture.
alter table paper add column came_as text;
update paper set came_as = digest;
alter table paper alter column came_as set not null;

create index paper_digest on paper (digest);
create index decision_letter on decision (letter);
create index urgent_award_letter on urgent_award (letter);

-- Which store of files belongs to this database; every server checks that it has that one.
create table paper_store (
  id         uuid primary key,
  only_one   boolean not null default true unique check (only_one),
  begun_at   timestamptz not null default now()
);

-- Names the last save of a draft, so that one whose answer never came back is the same save when it is sent again.
alter table draft add column last_save text;

-- How simulated services behave, on all servers alike.
create table standin_mood (
  service text primary key,
  mood    text not null
);
