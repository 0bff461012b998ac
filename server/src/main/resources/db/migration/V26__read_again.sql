-- A paper that could not be read at one moment, which says nothing about the paper, is read again.
alter table paper_reading
    add column tries    int not null default 0,
    -- not before then; null: as soon as it has its turn
    add column again_at timestamptz;
