-- The conditions a requirement is read under that were chosen at the bench, with semicolons between their names.
alter table set_up add column conditions varchar(240) default '' not null;
