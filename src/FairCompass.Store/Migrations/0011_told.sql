-- Every copy of the application is told that a competition has changed, so that none goes on with what it remembers.
create function tell_competition() returns trigger language plpgsql as $$
begin
    perform pg_notify('competition', new.id::text);
    return null;
end $$;

create trigger competition_told after update on competition for each row execute function tell_competition();
