-- Calibration in the hall: the same reps for everybody, called on the own phone or on a slip, then the ruling, then some more. Answers stand
-- without names: whose they are is kept only so that a phone answers once.
create table together (
    id             uuid primary key,
    competition_id uuid not null references competition (id),
    what           text not null check (length(what) between 1 and 700),
    workout_id     uuid references workout (id),
    movement       text not null default '' check (length(movement) <= 200),
    first          integer not null check (first > 0),
    shown          integer not null default 0 check (shown >= 0),
    ruling         text not null default '' check (length(ruling) <= 2000),
    at             timestamptz not null default now()
);

create index together_of on together (competition_id, at);

create table together_rep (
    together_id uuid not null references together (id) on delete cascade,
    number      integer not null check (number > 0),
    movement    text not null,
    asked       jsonb not null,
    seed        bigint not null,
    good        boolean not null,
    sentence    text not null,
    primary key (together_id, number)
);

create table together_answer (
    together_id uuid not null,
    number      integer not null,
    who         uuid not null,
    call        text not null check (call in ('Good', 'NoRep', 'Unseen')),
    at          timestamptz not null default now(),
    primary key (together_id, number, who),
    foreign key (together_id, number) references together_rep (together_id, number) on delete cascade
);
