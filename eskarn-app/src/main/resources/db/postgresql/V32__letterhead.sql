-- What stands at the head of paper that leaves the works; it is no part of any signed record.
create table letterhead (
    id int primary key,
    version int default 0 not null,
    name varchar(120) not null,
    address varchar(400) not null,
    signature_line varchar(120) not null,
    logo bytea,
    logo_type varchar(20),
    constraint one_letterhead check (id = 1)
);
insert into letterhead (id, name, address, signature_line) values (1, '', '', '');
