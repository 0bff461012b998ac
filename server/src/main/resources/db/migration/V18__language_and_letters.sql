-- In which language someone would rather be spoken to; empty when they did not say.
alter table contact add column language text not null default '';

-- What a letter says, as the page its PDF was made from. Letters that went out before it was kept have none.
create table letter_page (
  letter text primary key,
  page   text not null
);
