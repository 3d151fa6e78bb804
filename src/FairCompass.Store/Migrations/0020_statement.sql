-- A statement of how far scores can be compared that everybody may read. Only that it is published and with which seed is kept: what it says is
-- computed of the cards as they are, so a corrected card and a removed name are corrected and removed there too.
create table statement_published (
    competition_id uuid primary key references competition (id),
    seed           bigint not null check (seed >= 0),
    at             timestamptz not null default now()
);
