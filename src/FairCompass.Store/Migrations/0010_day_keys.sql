-- A secret for each day, with which the address of who asks is hashed; once it is thrown away, nobody can try addresses against a hash.
create table day_key (
    day date primary key,
    key bytea not null
);
