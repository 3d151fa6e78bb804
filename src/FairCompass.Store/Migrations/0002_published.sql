-- Published versions, what readers ask, what is ruled, who has confirmed. Nothing here is ever changed or removed.
create table published (
    id             uuid primary key,
    workout_id     uuid not null references workout (id),
    competition_id uuid not null references competition (id),
    number         integer not null check (number > 0),
    code           text not null check (length(code) = 11),
    sha256         text not null check (length(sha256) = 64),
    doc            jsonb not null,
    holds_from     text not null default '' check (length(holds_from) <= 120),
    note           text not null default '' check (length(note) <= 600),
    save_id        uuid not null,
    at             timestamptz not null default now(),
    unique (workout_id, number),
    unique (workout_id, save_id)
);

create index published_code on published (code);

create function never_changed() returns trigger language plpgsql as $$
begin
    raise exception 'What is published is never changed.' using errcode = 'integrity_constraint_violation';
end $$;

create trigger published_never_changed before update or delete on published for each row execute function never_changed();

create table question (
    id           uuid primary key,
    published_id uuid not null references published (id),
    line         text not null check (length(line) <= 400),
    body         text not null check (length(body) between 1 and 600),
    asked_by     text not null default '' check (length(asked_by) <= 80),
    contact      text not null default '' check (length(contact) <= 120),
    sender       text not null,
    at           timestamptz not null default now()
);

create index question_sender on question (sender, at);

-- One answer a question; it stays. A ruling names the version that it made.
create table answer (
    question_id uuid primary key references question (id),
    body        text not null check (length(body) between 1 and 1200),
    ruling_in   uuid references published (id),
    at          timestamptz not null default now()
);

create table confirmation (
    id           uuid primary key,
    published_id uuid not null references published (id),
    name_key     text not null check (length(name_key) between 1 and 120),
    name         text not null check (length(name) between 1 and 80),
    judge        boolean not null,
    at           timestamptz not null default now(),
    unique (published_id, name_key)
);
