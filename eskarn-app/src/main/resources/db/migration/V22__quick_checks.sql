-- A part that nobody has a drawing of: it stands for one quick check, and in no list of parts.
alter table part add column quick boolean default false not null;

-- What is measured with a gauge in the hand, on nothing.
insert into set_up_sheet (work_kind, version) values ('IN_THE_HAND', 0);
insert into set_up_sheet_line (work_kind, position, caution, text) values
    ('IN_THE_HAND', 1, true, 'Burrs and sharp edges cut: stone them off before handling the part. Never measure a part that turns.'),
    ('IN_THE_HAND', 2, false, 'Wipe the part and the faces of the gauge; look whether the gauge shows its zero or its setting.'),
    ('IN_THE_HAND', 3, false, 'Part and gauge at one temperature. Hold the gauge by its insulated part, or clamp it: a warm hand changes it.'),
    ('IN_THE_HAND', 4, false, 'Rock the gauge: along the axis the least counts, across it the greatest.'),
    ('IN_THE_HAND', 5, false, 'The same feel each time: the ratchet, or the weight of the gauge.');
