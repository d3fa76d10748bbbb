-- Where a limit comes from: drawing, maker's data, a standard. Empty where nobody said.
alter table requirement add column limit_source varchar(120) default '' not null;
