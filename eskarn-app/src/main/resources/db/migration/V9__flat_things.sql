-- Whether a requirement is read in two set-ups, so that the part's error is told from that of what it is measured with.
alter table requirement add column reversal varchar(20) default 'NONE' not null;
