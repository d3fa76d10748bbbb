-- Places of a calibration are in a unit of their own; until now they stood in that of the errors.
alter table calibration add column place_unit varchar(20);
update calibration set place_unit = point_unit;
