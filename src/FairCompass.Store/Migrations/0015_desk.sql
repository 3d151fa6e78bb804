-- What was typed from cards: facts that are added and never changed. Which numbers hold follows from them in their order.
create table score_fact (
    id             bigint generated always as identity primary key,
    competition_id uuid not null references competition (id),
    card_id        uuid not null references card (id),
    save_id        uuid not null unique,
    kind           text not null check (kind in ('Entered', 'Again', 'Corrected')),
    run            jsonb not null,
    no_reps        jsonb not null,
    reason         text not null default '' check (length(reason) <= 1600),
    by_account     uuid,
    by_link        uuid,
    at             timestamptz not null default now(),
    check ((kind = 'Corrected') = (reason <> ''))
);

create index score_fact_of_competition on score_fact (competition_id, id);
create index score_fact_of_card on score_fact (card_id, id);

create trigger score_fact_never_changed before update or delete on score_fact for each row execute function never_changed();
