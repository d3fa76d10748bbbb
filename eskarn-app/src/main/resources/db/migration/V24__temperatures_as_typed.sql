-- Temperatures and what they are known to as they were typed, where that was not in °C and K.
alter table circumstance add column part_typed varchar(40);
alter table circumstance add column gauge_typed varchar(40);
alter table circumstance add column tolerance_typed varchar(40);
