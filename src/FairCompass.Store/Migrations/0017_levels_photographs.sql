-- The level that an entry is entered for, and the one that was done where the card says another.
alter table entry add column level text not null default '' check (length(level) <= 640);
alter table score_fact add column level text not null default '' check (length(level) <= 640);

-- A photograph of a card: that there is one never changes; the picture itself stands apart, so that it can be taken away.
create table card_photo (
    id             uuid primary key,
    competition_id uuid not null references competition (id),
    card_id        uuid not null references card (id),
    save_id        uuid not null unique,
    width          integer not null check (width > 0),
    height         integer not null check (height > 0),
    by_account     uuid,
    by_link        uuid,
    at             timestamptz not null default now()
);

create index card_photo_of on card_photo (card_id, at);

create trigger card_photo_never_changed before update or delete on card_photo for each row execute function never_changed();

create table card_photo_image (
    photo_id uuid primary key references card_photo (id),
    jpeg     bytea not null check (length(jpeg) between 1 and 10485760)
);
