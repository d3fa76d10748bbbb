-- What finds a few among many.
create index docket_in_hand on docket (signed, due, number);
create index docket_of_part on docket (part_id, number);
create index docket_of_serial on docket (serial, number);
create index set_up_waiting on set_up (waits_for);
create index document_finding on document_check (finding);
create index document_checked_at on document_check (checked_at);

-- When a sweep was last read: how often a gauge was used since its calibration is counted by it.
alter table sweep add column last_read_at timestamp with time zone;
update sweep s set last_read_at = (select max(r.taken_at) from reading r where r.sweep_id = s.id);
create index sweep_by_gauge on sweep (gauge_id, last_read_at);
create index sweep_by_second_gauge on sweep (second_gauge_id, last_read_at);

-- The gauges that signed verdicts rest on, for tracing a gauge back without reading every docket again. It says nothing that the signed
-- records do not say, and is made anew whenever they are checked.
create table signed_use (
    set_up_id bigint not null references set_up,
    gauge_id bigint not null references gauge,
    read_at timestamp with time zone not null,
    -- The smallest error that could have made the verdict another, µm; none where no error could.
    turns_at double precision,
    primary key (set_up_id, gauge_id)
);
create index signed_use_of_gauge on signed_use (gauge_id, read_at, turns_at);
alter table docket add column traced boolean default false not null;
create index docket_traced on docket (traced, signed);
create index question_open on question (settled_at, gauge_id);
