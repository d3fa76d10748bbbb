-- One steward at the first start, however many ask at once.
alter table installation add column steward_made boolean default false not null;
update installation set steward_made = exists (select 1 from account);

-- After how many minutes without a touch somebody is signed out.
alter table installation add column idle_minutes int default 30 not null;

-- Since when the password is what it is, and whose link it was set by; none where the person changed it themselves.
alter table account add column password_at timestamp with time zone;
alter table account add column password_by_link_of varchar(80);

-- A link with which a person sets a password. The link itself is never stored, only its hash.
create table reset_link (
    token_hash char(64) primary key,
    account_id bigint not null references account (id),
    given_by varchar(80) not null,
    given_at timestamp with time zone not null,
    until_at timestamp with time zone not null,
    used_at timestamp with time zone
);
create index reset_link_of_account on reset_link (account_id);

-- Browsers in which somebody has signed in before; strangers who guess do not slow these down.
create table known_device (
    token_hash char(64) not null,
    account_id bigint not null references account (id),
    seen_at timestamp with time zone not null,
    primary key (token_hash, account_id)
);

-- Who changed which account, gauge, part or rule, and when, in words. Never a password or a link.
create table action (
    id bigint generated always as identity primary key,
    at timestamp with time zone not null,
    login varchar(40) not null,
    name varchar(80) not null,
    about varchar(20) not null,
    said varchar(1000) not null
);
