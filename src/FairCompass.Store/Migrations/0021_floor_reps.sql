-- Borderline reps of the own floor: a clause at a stated distance, with the head judge's ruling as its truth. Calls stand without names: whose
-- they are is kept only so that each is called once.
create table floor_rep (
    id             uuid primary key,
    competition_id uuid not null references competition (id),
    movement       text not null check (length(movement) between 1 and 200),
    clause         text not null check (length(clause) between 1 and 100),
    margin         double precision not null,
    seed           bigint not null,
    good           boolean not null,
    ruling         text not null check (length(ruling) between 1 and 240),
    at             timestamptz not null default now()
);

create index floor_rep_of on floor_rep (competition_id, at);

create table floor_rep_call (
    rep_id uuid not null references floor_rep (id) on delete cascade,
    who    uuid not null,
    call   text not null check (call in ('Good', 'NoRep', 'Unseen')),
    at     timestamptz not null default now(),
    primary key (rep_id, who)
);
