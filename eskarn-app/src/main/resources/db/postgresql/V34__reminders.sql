-- The address under which a person’s calendar reads what is due; kept as its hash only.
create table calendar_link (
    account_id bigint primary key references account,
    token_hash varchar(64) not null unique,
    made_at timestamp with time zone not null
);

-- To whom the summary of a day goes, and at what hour.
create table daily_post (
    id int primary key,
    version int default 0 not null,
    recipients varchar(400) not null,
    hour_of_day int not null,
    last_sent date,
    constraint one_daily_post check (id = 1)
);
insert into daily_post (id, recipients, hour_of_day) values (1, '', 6);
