-- Who competes. A person may stand in entries of several divisions; what is nobody’s business stands apart, so that it can be read and
-- removed apart.
create table person (
    id             uuid primary key,
    competition_id uuid not null references competition (id),
    name           text not null check (length(name) between 1 and 640),
    gym            text not null default '' check (length(gym) <= 640),
    duty           text check (duty in ('man', 'woman')),
    by_bib         boolean not null default false,
    at             timestamptz not null default now()
);

create index person_of_competition on person (competition_id);

create table person_contact (
    person_id uuid primary key references person (id) on delete cascade,
    contact   text not null check (length(contact) between 1 and 960)
);

create table entry (
    id             uuid primary key,
    competition_id uuid not null references competition (id),
    division       text not null check (length(division) between 1 and 320),
    team           text not null default '' check (length(team) <= 640),
    bib            text not null default '' check (length(bib) <= 8),
    seed           integer check (seed > 0),
    state          text not null default 'In' check (state in ('In', 'Late', 'Withdrawn')),
    revision       integer not null default 1 check (revision > 0),
    at             timestamptz not null default now()
);

create index entry_of_competition on entry (competition_id);
create unique index entry_bib on entry (competition_id, lower(bib)) where bib <> '';

create table entry_member (
    entry_id  uuid not null references entry (id),
    seat      integer not null check (seat between 1 and 8),
    person_id uuid not null references person (id),
    primary key (entry_id, seat)
);

create index entry_member_person on entry_member (person_id);

-- What became of an entry, in words, by whom. Never changed.
create table entry_change (
    id         bigint generated always as identity primary key,
    entry_id   uuid not null references entry (id),
    what       text not null,
    reason     text not null default '',
    by_account uuid,
    by_link    uuid,
    at         timestamptz not null default now()
);

create index entry_change_of on entry_change (entry_id, id);

create trigger entry_change_never_changed before update or delete on entry_change for each row execute function never_changed();

-- Who helps: judges with what the plan asks of them, callers, crew, desk.
create table official (
    id             uuid primary key,
    competition_id uuid not null references competition (id),
    kind           text not null check (kind in ('Judge', 'Caller', 'Crew', 'Desk')),
    name           text not null check (length(name) between 1 and 640),
    gym            text not null default '' check (length(gym) <= 640),
    doc            jsonb not null default '{}',
    revision       integer not null default 1 check (revision > 0),
    at             timestamptz not null default now()
);

create index official_of_competition on official (competition_id);

-- The plan of the days is one document; each save is kept, as drafts and competitions are.
create table plan (
    competition_id uuid primary key references competition (id),
    revision       integer not null check (revision > 0),
    doc            jsonb not null,
    updated_at     timestamptz not null default now()
);

create table plan_revision (
    competition_id uuid not null references competition (id),
    revision       integer not null,
    save_id        uuid not null,
    doc            jsonb not null,
    at             timestamptz not null default now(),
    by_account     uuid,
    by_link        uuid,
    primary key (competition_id, revision),
    unique (competition_id, save_id)
);

-- A card of a run: for whom, under which version. What becomes of it are facts, added and never changed; the last one is its state.
create table card (
    id             uuid primary key,
    competition_id uuid not null references competition (id),
    number         integer not null check (number between 1 and 999),
    workout_id     uuid not null references workout (id),
    published_id   uuid not null references published (id),
    entry_id       uuid not null references entry (id),
    heat_id        uuid not null,
    replaces       uuid references card (id),
    at             timestamptz not null default now(),
    unique (published_id, number)
);

create index card_of_competition on card (competition_id);
create index card_of_heat on card (heat_id);

create table card_fact (
    id         bigint generated always as identity primary key,
    card_id    uuid not null references card (id),
    what       text not null check (what in ('printed', 'out', 'back', 'entered', 'checked', 'missing', 'replaced')),
    who        text not null default '',
    reason     text not null default '',
    by_account uuid,
    by_link    uuid,
    at         timestamptz not null default now()
);

create index card_fact_of on card_fact (card_id, id);

create trigger card_never_changed before update or delete on card for each row execute function never_changed();
create trigger card_fact_never_changed before update or delete on card_fact for each row execute function never_changed();

-- An address that a phone follows: whose times it gives. It opens nothing but these times, which the hall reads on the wall.
create table time_feed (
    token          text primary key check (length(token) >= 20),
    competition_id uuid not null references competition (id),
    subject        text not null check (length(subject) between 1 and 700),
    at             timestamptz not null default now(),
    unique (competition_id, subject)
);
