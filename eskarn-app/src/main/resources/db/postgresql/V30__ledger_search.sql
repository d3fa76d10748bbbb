-- What the Ledger is searched by, one row a signed document. It says nothing that the document does not say, and is made anew whenever that
-- is checked.
create table signed_entry (
    number int primary key,
    docket_id bigint not null references docket,
    outcome varchar(20) not null,
    exceptions boolean not null,
    signed_at timestamp with time zone not null,
    words varchar(4000) not null
);
create index signed_entry_at on signed_entry (signed_at);
