-- The text is the source: a draft that does not parse is stored all the same. Models are derived and never stored.
create table competition (
    id         uuid primary key,
    revision   integer not null check (revision > 0),
    doc        jsonb not null,
    created_at timestamptz not null default now(),
    updated_at timestamptz not null default now()
);

create table workout (
    id             uuid primary key,
    competition_id uuid not null references competition (id),
    ordinal        integer not null,
    revision       integer not null check (revision > 0),
    body           text not null check (length(body) <= 160000),
    updated_at     timestamptz not null default now(),
    deleted_at     timestamptz
);

create index workout_of_competition on workout (competition_id, ordinal);

-- Append only: the base of a refused save, and the way back.
create table workout_revision (
    workout_id uuid not null references workout (id),
    revision   integer not null,
    save_id    uuid not null,
    body       text not null,
    at         timestamptz not null default now(),
    primary key (workout_id, revision),
    unique (workout_id, save_id)
);

create table competition_revision (
    competition_id uuid not null references competition (id),
    revision       integer not null,
    save_id        uuid not null,
    doc            jsonb not null,
    at             timestamptz not null default now(),
    primary key (competition_id, revision),
    unique (competition_id, save_id)
);
