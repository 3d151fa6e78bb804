-- What happened that no card says, and what was decided of it: facts that are added and never changed.
create table incident_fact (
    id             bigint generated always as identity primary key,
    competition_id uuid not null references competition (id),
    number         integer not null check (number > 0),
    save_id        uuid not null unique,
    report         jsonb,
    decision       jsonb,
    by_account     uuid,
    by_link        uuid,
    at             timestamptz not null default now(),
    check ((report is null) <> (decision is null))
);

create unique index incident_reported_once on incident_fact (competition_id, number) where report is not null;

create trigger incident_fact_never_changed before update or delete on incident_fact for each row execute function never_changed();

-- Results made final, as they stood, with their code; or opened again, with the reason.
create table final_fact (
    id             bigint generated always as identity primary key,
    competition_id uuid not null references competition (id),
    workout_id     uuid not null references workout (id),
    division       text not null,
    save_id        uuid not null unique,
    code           text not null,
    tables         jsonb not null,
    reason         text not null default '' check (length(reason) <= 1600),
    by_account     uuid,
    by_link        uuid,
    at             timestamptz not null default now(),
    check ((code = '') = (reason <> ''))
);

create index final_fact_of_competition on final_fact (competition_id, id);
create unique index final_fact_code on final_fact (competition_id, code) where code <> '';

create trigger final_fact_never_changed before update or delete on final_fact for each row execute function never_changed();

-- Under which version the cards of a workout are scored, where that is another one than they were printed from: said with a reason.
create table rescore_fact (
    id             bigint generated always as identity primary key,
    competition_id uuid not null references competition (id),
    workout_id     uuid not null references workout (id),
    save_id        uuid not null unique,
    published_id   uuid references published (id),
    reason         text not null check (length(reason) between 1 and 1600),
    by_account     uuid,
    by_link        uuid,
    at             timestamptz not null default now()
);

create index rescore_fact_of_competition on rescore_fact (competition_id, id);

create trigger rescore_fact_never_changed before update or delete on rescore_fact for each row execute function never_changed();

-- What has to be before results are final; the newest row holds.
create table result_rules (
    id             bigint generated always as identity primary key,
    competition_id uuid not null references competition (id),
    doc            jsonb not null,
    by_account     uuid,
    by_link        uuid,
    at             timestamptz not null default now()
);

create index result_rules_of_competition on result_rules (competition_id, id);

create trigger result_rules_never_changed before update or delete on result_rules for each row execute function never_changed();

-- How often something has changed that results are made of, for each competition; and how often what stands behind the cards has: people, plan,
-- cards, versions. Whoever changes it holds the row until it is committed, so that a number that is read says that everything up to it is
-- there.
create table change_feed (
    competition_id uuid primary key references competition (id),
    seq            bigint not null,
    basis          bigint not null
);

create function feed_change(which uuid, deep boolean) returns void language plpgsql as $$
declare
    now_at bigint;
begin
    insert into change_feed (competition_id, seq, basis) values (which, 1, 1)
    on conflict (competition_id) do update set seq = change_feed.seq + 1, basis = change_feed.basis + deep::int
    returning seq into now_at;
    perform pg_notify('changes', which || ' ' || now_at);
end $$;

create function feed_fact() returns trigger language plpgsql as $$
begin
    perform feed_change(new.competition_id, false);
    return null;
end $$;

create function feed_basis() returns trigger language plpgsql as $$
begin
    perform feed_change(coalesce(new.competition_id, old.competition_id), true);
    return null;
end $$;

create function feed_competition() returns trigger language plpgsql as $$
begin
    perform feed_change(new.id, true);
    return null;
end $$;

-- A card that another one replaces counts no more; where it is otherwise changes no result.
create function feed_card() returns trigger language plpgsql as $$
begin
    if new.what = 'replaced' then
        perform feed_change((select competition_id from card where id = new.card_id), true);
    end if;
    return null;
end $$;

create trigger score_fact_fed after insert on score_fact for each row execute function feed_fact();
create trigger incident_fact_fed after insert on incident_fact for each row execute function feed_fact();
create trigger final_fact_fed after insert on final_fact for each row execute function feed_fact();
create trigger rescore_fact_fed after insert on rescore_fact for each row execute function feed_fact();
create trigger result_rules_fed after insert on result_rules for each row execute function feed_fact();
create trigger card_fed after insert on card for each row execute function feed_basis();
create trigger card_fact_fed after insert on card_fact for each row execute function feed_card();
create trigger plan_fed after insert or update on plan for each row execute function feed_basis();
create trigger entry_fed after insert or update on entry for each row execute function feed_basis();
create trigger person_fed after update on person for each row execute function feed_basis();
create trigger official_fed after insert or update or delete on official for each row execute function feed_basis();
create trigger published_fed after insert on published for each row execute function feed_basis();
create trigger competition_fed after update on competition for each row execute function feed_competition();
