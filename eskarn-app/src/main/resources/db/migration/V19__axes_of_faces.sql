-- How a face lies to the two rings that show its axis: on a shaft or in a bore, looking away from them or at them. None where it was not
-- asked yet: then it is taken as it was until now, on a shaft, looking away, or at them on an inside feature.
alter table requirement add column axis_face varchar(20);
