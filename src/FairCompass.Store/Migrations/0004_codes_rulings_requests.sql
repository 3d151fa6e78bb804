-- A printed code leads to one workout, the one that published it first, whatever is published later with the same content.
create table printed_code (
    code       text primary key check (length(code) = 11),
    workout_id uuid not null references workout (id),
    at         timestamptz not null default now()
);

insert into printed_code (code, workout_id, at)
select distinct on (code) code, workout_id, at from published order by code, at, id;

create trigger printed_code_never_changed before update or delete on printed_code for each row execute function never_changed();

-- The number of a ruling is printed, so it is kept and given once: counting the clauses of a text gave some numbers again.
create table ruling (
    workout_id   uuid not null references workout (id),
    number       integer not null check (number > 0),
    published_id uuid not null references published (id),
    question_id  uuid references question (id),
    at           timestamptz not null default now(),
    primary key (workout_id, number)
);

insert into ruling (workout_id, number, published_id, question_id, at)
select p.workout_id, substring(p.note from '^Ruling ([0-9]{1,6}): ')::integer, p.id, q.id, p.at
from published p left join question q on q.id = p.save_id
where p.note ~ '^Ruling [1-9][0-9]{0,5}: '
order by p.at
on conflict do nothing;

create trigger ruling_never_changed before update or delete on ruling for each row execute function never_changed();

-- What a request made, so that the same request sent again after a lost answer finds it instead of making it twice.
create table made (
    request uuid primary key,
    id      uuid not null,
    at      timestamptz not null default now()
);

-- Names are counted as people see them, and one letter can be many code points: a flag, a syllable, a family.
alter table confirmation drop constraint confirmation_name_check, drop constraint confirmation_name_key_check;
alter table confirmation add check (length(name) between 1 and 2000), add check (length(name_key) between 1 and 4000);
alter table measurement drop constraint measurement_athlete_check, drop constraint measurement_measured_by_check;
alter table measurement add check (length(athlete) between 1 and 2000), add check (length(measured_by) between 1 and 2000);
