-- A reading that was put right keeps its row, marked; the one in its place says why.
alter table reading add column corrected boolean default false not null;
alter table reading add column reason varchar(200);
