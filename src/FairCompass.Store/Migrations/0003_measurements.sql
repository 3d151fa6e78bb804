-- Marks that were read on athletes, with who and when. A mark read again is another row; nothing is changed or removed.
create table measurement (
    id          uuid primary key,
    workout_id  uuid not null references workout (id),
    place       text not null check (length(place) between 1 and 200),
    athlete     text not null check (length(athlete) between 1 and 80),
    value       numeric(10, 4) not null check (value > 0),
    unit        text not null check (unit in ('mm', 'cm', 'm', 'in', 'ft')),
    measured_by text not null check (length(measured_by) between 1 and 80),
    at          timestamptz not null default now()
);

create index measurement_workout on measurement (workout_id, at);

create trigger measurement_never_changed before update or delete on measurement for each row execute function never_changed();
