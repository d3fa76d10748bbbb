-- A signed docket is one document: canonical JSON, packed, numbered without a gap, chained by its hash and signed with the
-- key of the installation. Nothing in this table is ever changed.
create table signed_document (
    number int primary key,
    docket_id bigint not null unique references docket,
    docket_number int not null unique,
    document_schema varchar(40) not null,
    body blob not null,
    hash varchar(64) not null unique,
    previous varchar(64) not null unique,
    key_id varchar(64) not null,
    signature varchar(120) not null,
    signed_at timestamp with time zone not null
);

-- The end of the chain; whoever signs locks this row first, so that numbers follow each other.
create table ledger_head (
    id int primary key check (id = 1),
    number int not null,
    hash varchar(64) not null
);
insert into ledger_head values (1, 0, '0000000000000000000000000000000000000000000000000000000000000000');

-- What was found when a document was last checked; empty where all was in order.
create table document_check (
    number int primary key references signed_document,
    finding varchar(600) not null,
    checked_at timestamp with time zone not null
);
