-- People. A name is found by its key, in which names that look alike are the same.
create table account (
    id         uuid primary key,
    name       text not null check (length(name) between 2 and 400),
    name_key   text not null unique check (length(name_key) between 1 and 800),
    passphrase text not null,
    at         timestamptz not null default now()
);

-- What somebody is in a competition.
create table member (
    competition_id uuid not null references competition (id),
    account_id     uuid not null references account (id),
    role           text not null,
    at             timestamptz not null default now(),
    primary key (competition_id, account_id, role)
);

create index member_account on member (account_id);

-- Links instead of accounts: one role of one competition, for a time, for the device that opens it first.
create table link (
    id             uuid primary key,
    token          bytea not null unique,
    competition_id uuid not null references competition (id),
    role           text not null,
    name           text not null check (length(name) between 1 and 400),
    made_by        uuid not null references account (id),
    at             timestamptz not null default now(),
    ends           timestamptz not null,
    revoked        timestamptz,
    opened         integer not null default 0,
    device         bytea
);

create index link_competition on link (competition_id);

-- Who is signed in where: by an account or by a link. The token itself is only in the cookie.
create table session (
    id         uuid primary key,
    token      bytea not null unique,
    account_id uuid references account (id),
    link_id    uuid references link (id),
    device     bytea,
    agent      text not null,
    address    text not null,
    at         timestamptz not null default now(),
    seen       timestamptz not null default now(),
    ended      timestamptz,
    check (num_nonnulls(account_id, link_id) = 1)
);

create index session_account on session (account_id) where ended is null;

-- What opens a door once: the first organiser’s, an invitation, a recovery.
create table pass (
    id             uuid primary key,
    token          bytea not null unique,
    kind           text not null check (kind in ('first', 'invitation', 'recovery')),
    competition_id uuid references competition (id),
    role           text,
    account_id     uuid references account (id),
    made_by        uuid references account (id),
    words          text not null default '',
    at             timestamptz not null default now(),
    ends           timestamptz not null,
    used           timestamptz
);

-- Wrong passphrases, by name and sender; old ones go.
create table wrong_passphrase (
    name_key text not null,
    address  text not null,
    at       timestamptz not null default now()
);

create index wrong_passphrase_of on wrong_passphrase (name_key, address, at);

-- Who did what, when, from where. Names are written down as they were, for accounts may go.
create table done (
    id             bigint generated always as identity primary key,
    at             timestamptz not null default now(),
    account_id     uuid,
    who            text not null,
    address        text not null,
    competition_id uuid,
    what           text not null,
    about          text not null default '',
    status         integer not null,
    trace          text not null default ''
);

create index done_competition on done (competition_id, id);

create trigger done_never_changed before update or delete on done for each row execute function never_changed();
