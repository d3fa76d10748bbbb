-- A holder only droops. What was typed with a minus, as the field once asked for it, meant the same droop; signed records stay.
update set_up set sag = substring(sag, 2)
where sag like '-%' and docket_id in (select id from docket where not signed);
