-- Names of the conditions a requirement is read under, one after the other, with semicolons between; empty for one.
alter table requirement add column conditions varchar(240) default '' not null;
-- How its datum is had: what the part stands on, or its own points or line read in the same set-up.
alter table requirement add column datum_read varchar(20) default 'ASSUMED' not null;
-- Whether the indicator is carried by the slide that ground or guides the face; null where nobody was asked.
alter table circumstance add column on_slide boolean;
