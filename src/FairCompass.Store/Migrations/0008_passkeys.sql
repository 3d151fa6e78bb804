-- Passkeys: public keys of accounts, each made on a device of its owner.
create table passkey (
    credential     bytea primary key,
    account_id     uuid not null references account (id) on delete cascade,
    name           text not null check (length(name) between 1 and 200),
    public_key     bytea not null,
    sign_count     bigint not null,
    transports     text[] not null,
    verified       boolean not null,
    backup         boolean not null,
    backed_up      boolean not null,
    attestation    bytea not null,
    client_data    bytea not null,
    at             timestamptz not null default now(),
    used           timestamptz
);

create index passkey_account on passkey (account_id);

-- A question that was put to a device, until it is answered: once, and within minutes.
create table passkey_question (
    token      bytea primary key,
    account_id uuid references account (id) on delete cascade,
    state      text not null,
    at         timestamptz not null default now()
);
