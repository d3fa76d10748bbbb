-- Where round the part a reading was seen, in degrees, where the turn was watched and the place noted.
alter table reading add column noted_degrees varchar(40);
