-- A borderline rep may be a short film of the own floor: its pictures side by side in one, without sound, place or device. What it shows is
-- no number, so it has no distance.
alter table floor_rep
    alter column margin drop not null,
    add column frames int check (frames between 6 and 60),
    add column across int check (across between 1 and 60),
    add column wide   int check (wide between 1 and 2400),
    add column high   int check (high between 1 and 2400),
    add constraint floor_rep_drawn_or_filmed check ((margin is null) = (frames is not null));

create table floor_film (
    rep_id uuid primary key references floor_rep (id) on delete cascade,
    strip  bytea not null check (octet_length(strip) between 1 and 8388608)
);
