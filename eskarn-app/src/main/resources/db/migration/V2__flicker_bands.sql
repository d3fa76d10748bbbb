-- A needle that flickers is typed as a band: the end typed second stands here, empty for a needle that stood still.
alter table reading add column other varchar(40);
-- What counts of a band, the middle or its ends.
alter table requirement add column flicker varchar(20) default 'MIDDLE' not null;
