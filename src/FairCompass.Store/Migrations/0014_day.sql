-- A search for a better plan: which revision it began from, what it has found so far. Whoever runs it says so every second; who has not for
-- a while is gone.
create table plan_search (
    id             uuid primary key,
    competition_id uuid not null references competition (id),
    base_revision  integer not null,
    started_at     timestamptz not null default now(),
    seen_at        timestamptz not null default now(),
    ended_at       timestamptz,
    stop           boolean not null default false,
    found          jsonb
);

create index plan_search_of_competition on plan_search (competition_id, started_at);

-- A reading stays as it was read, but whose it was can be taken off it. Only this function may do that, and nothing else.
create function only_forgotten() returns trigger language plpgsql as $$
begin
    if tg_op = 'UPDATE' and new.athlete = 'Removed' and to_jsonb(new) - 'athlete' = to_jsonb(old) - 'athlete' then
        return new;
    end if;
    raise exception 'rows of % are never changed', tg_table_name;
end $$;

drop trigger measurement_never_changed on measurement;
create trigger measurement_never_changed before update or delete on measurement for each row execute function only_forgotten();

create function forget_reading(which uuid) returns void language sql security definer set search_path = public as $$
    update measurement set athlete = 'Removed' where id = which
$$;
