-- A link may be that of one judge, so that a phone trains the judge it belongs to.
alter table link add column official_id uuid references official (id) on delete set null;

-- A sitting of somebody who trains: a judge, or an account or link that is none. Whose it is is nobody’s business but the head judge’s, so it
-- goes with the judge.
create table training_sitting (
    id             uuid primary key,
    competition_id uuid not null references competition (id),
    trainee        uuid not null,
    name           text not null check (length(name) between 1 and 640),
    mode           text not null check (mode in ('Learning', 'Test')),
    what           text not null check (length(what) between 1 and 700),
    workout_id     uuid references workout (id),
    movement       text not null default '' check (length(movement) <= 200),
    seed           bigint not null,
    stills         boolean not null,
    reps           integer not null check (reps > 0),
    at             timestamptz not null default now()
);

create index training_sitting_of on training_sitting (competition_id, trainee, at);

-- A rep that was shown, with its truth, and what was called. The truth is kept as it was, whatever becomes of the standard.
create table training_rep (
    sitting_id uuid not null references training_sitting (id) on delete cascade,
    number     integer not null check (number > 0),
    movement   text not null,
    asked      jsonb not null,
    seed       bigint not null,
    fixed      boolean not null,
    clause     text not null,
    margin     double precision not null,
    unit       text not null,
    broken     text[] not null,
    moment     integer not null,
    primary key (sitting_id, number)
);

create table training_call (
    sitting_id   uuid not null,
    number       integer not null,
    call         text not null check (call in ('Good', 'NoRep', 'Unseen')),
    reason       text check (length(reason) <= 200),
    milliseconds integer not null,
    at           timestamptz not null default now(),
    primary key (sitting_id, number),
    foreign key (sitting_id, number) references training_rep (sitting_id, number) on delete cascade
);

-- What is asked before somebody may judge a workout; nothing is a possible answer.
create table training_asked (
    competition_id uuid primary key references competition (id),
    calls          integer not null default 0 check (calls between 0 and 500),
    within_steps   double precision check (within_steps > 0 and within_steps <= 8),
    right_percent  integer check (right_percent between 50 and 100),
    at             timestamptz not null default now()
);
