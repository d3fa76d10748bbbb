-- Which other set-up of the docket a requirement is judged from, where one set of readings answers both.
alter table set_up add column read_with bigint;
alter table set_up add constraint set_up_read_with foreign key (read_with) references set_up (id);
create index set_up_of_read_with on set_up (read_with);

-- A return that a station found afterwards took the place of: it is read again, and this one stays in sight as what it was.
alter table reading add column of_return boolean default false not null;

-- The order that people gave the dockets of a day, where they changed the suggested one.
create table bench_place (
    docket_id bigint primary key references docket,
    place integer not null,
    placed_by bigint not null references account,
    placed_at timestamp with time zone not null
);
