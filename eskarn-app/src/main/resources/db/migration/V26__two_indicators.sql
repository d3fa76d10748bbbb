-- The other requirement that is read at the same time with an indicator of its own, station by station.
alter table set_up add column beside bigint;
alter table set_up add constraint set_up_beside foreign key (beside) references set_up (id);
