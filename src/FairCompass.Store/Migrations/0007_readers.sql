-- Questions that the head judge lets readers see before they are answered; an answered one is seen.
create table question_shown (
    question_id uuid primary key references question (id),
    at          timestamptz not null default now()
);

-- What was there before was seen by everybody, and stays seen.
insert into question_shown (question_id) select id from question;

-- Wrong answers of the judges’ questions, by version and name; old ones go.
create table quiz_wrong (
    published_id uuid not null references published (id),
    name_key     text not null,
    at           timestamptz not null default now()
);

create index quiz_wrong_of on quiz_wrong (published_id, name_key, at);

-- Who confirmed, where somebody was signed in; a name alone can be typed by anybody.
alter table confirmation add account_id uuid references account (id), add link_id uuid references link (id);
