-- Parts: the expansion of the material, revisions, and whether dockets stand on a revision, which then stays as it is.
alter table part add column expansion varchar(20);
alter table part add column opened boolean default false not null;
alter table part add column version int default 0 not null;
alter table part add column revised_from bigint references part;
update part set opened = true where id in (select part_id from docket);

-- Features: datum letters, the side that is touched; a face has no size.
alter table feature alter column nominal set null;
alter table feature alter column nominal_unit set null;
alter table feature add column letter varchar(3) default '' not null;
alter table feature add column side varchar(10) default 'OUTSIDE' not null;
update feature set side = 'INSIDE'
where id in (select feature_id from requirement where characteristic = 'OFFSET_OF_OPENING');

-- Limits of all kinds, for new parts and, where they differ, for parts in service.
create table requirement_limit (
    requirement_id bigint not null references requirement,
    service boolean not null,
    kind varchar(20) not null,
    nominal varchar(40),
    lower_amount varchar(40),
    upper_amount varchar(40),
    unit varchar(20) not null,
    code varchar(10) not null,
    only_direction varchar(10),
    reason varchar(200) not null,
    per varchar(40),
    per_unit varchar(20),
    primary key (requirement_id, service)
);
insert into requirement_limit
select id, false, 'MAXIMUM', null, null, limit_amount, limit_unit, '', null, '', null, null from requirement;
alter table requirement drop column limit_amount;
alter table requirement drop column limit_unit;

-- Layouts of all kinds, kept as they were written.
alter table requirement add column layout_kind varchar(20) default 'RING' not null;
alter table requirement add column layout_unit varchar(20) default 'MILLIMETRE' not null;
alter table requirement add column layout_first varchar(4000) default '' not null;
alter table requirement add column layout_second varchar(4000) default '' not null;
update requirement r set layout_first = (
    select listagg(s.angle, ' ') within group (order by s.number)
    from requirement_station s where s.requirement_id = r.id);
drop table requirement_station;

alter table requirement add column repeats int default 1 not null;
alter table requirement add column zero_rule varchar(20) default 'FIRST_STATION' not null;
alter table requirement add column set_to varchar(40);
alter table requirement add column radius varchar(40);
alter table requirement add column span varchar(40);
alter table requirement add column warm boolean default false not null;
alter table requirement add column work_kind varchar(20) default 'BETWEEN_CENTRES' not null;
-- What kind of gauge is needed and how finely it must read; a certain gauge only where one was named.
alter table requirement add column gauge_kind varchar(20) default 'INDICATOR' not null;
alter table requirement add column resolution varchar(40);
alter table requirement add column resolution_unit varchar(20);
alter table requirement alter column gauge_id set null;

alter table gauge add column kind varchar(20) default 'INDICATOR' not null;
alter table gauge add column range_from varchar(40);
alter table gauge add column range_from_unit varchar(20);

-- The library of set-up sheets, by kind of work.
create table set_up_sheet (
    work_kind varchar(20) primary key,
    version int not null
);
create table set_up_sheet_line (
    work_kind varchar(20) not null references set_up_sheet,
    position int not null,
    caution boolean not null,
    text varchar(400) not null,
    primary key (work_kind, position)
);
insert into set_up_sheet values
    ('BETWEEN_CENTRES', 0), ('ON_THE_PLATE', 0), ('IN_A_FIXTURE', 0), ('ON_THE_MACHINE', 0), ('IN_THE_ASSEMBLY', 0);
insert into set_up_sheet_line values
    ('BETWEEN_CENTRES', 1, true, 'Turn the part by hand only, with others clear of it. Burrs and thread ends cut.'),
    ('BETWEEN_CENTRES', 2, true, 'Lift a heavy part with a sling that is rated for it; never reach under a hanging load.'),
    ('BETWEEN_CENTRES', 3, false, 'Bearings off, keys out. Stone burrs off and wipe the seats with a lint-free cloth.'),
    ('BETWEEN_CENTRES', 4, false, 'Clean both centres and centre holes; oil them, and bring them up without play.'),
    ('BETWEEN_CENTRES', 5, false, 'Stylus in the middle of the land, clear of edge, keyway and oil hole.'),
    ('BETWEEN_CENTRES', 6, false, 'Part, gauge and room at one temperature.'),
    ('ON_THE_PLATE', 1, true, 'Burrs and sharp edges cut: stone them off before handling the part.'),
    ('ON_THE_PLATE', 2, false, 'Wipe plate, part and foot of the stand; wipe the plate again before every move.'),
    ('ON_THE_PLATE', 3, false, 'Part down without rocking; jacks or parallels under it as the requirement says.'),
    ('ON_THE_PLATE', 4, false, 'Mark the stations, clear of edges and holes.'),
    ('ON_THE_PLATE', 5, false, 'Part, gauge and plate at one temperature.'),
    ('IN_A_FIXTURE', 1, true, 'Keep fingers out of the clamps; close them by hand, not by blows.'),
    ('IN_A_FIXTURE', 2, false, 'Wipe seats and clamps; part home on all rests.'),
    ('IN_A_FIXTURE', 3, false, 'Clamp where it cannot distort: the dial must not move when the clamp closes.'),
    ('IN_A_FIXTURE', 4, false, 'Part, gauge and fixture at one temperature.'),
    ('ON_THE_MACHINE', 1, true, 'Isolate the machine and lock it off before reaching in. Prove that it is dead.'),
    ('ON_THE_MACHINE', 2, true, 'Turn spindles and shafts by hand only, with others clear.'),
    ('ON_THE_MACHINE', 3, false, 'Wipe the surfaces and stone burrs off; gibs and locks as the requirement says.'),
    ('ON_THE_MACHINE', 4, false, 'Stand on a face that moves with the part, or does not move at all; cable and hose free.'),
    ('ON_THE_MACHINE', 5, true, 'A part warm from the cut burns and measures large: let it cool, or handle it with gloves.'),
    ('IN_THE_ASSEMBLY', 1, true, 'Lifted loads on stands, never on a jack alone; wheels and counterweights chocked.'),
    ('IN_THE_ASSEMBLY', 2, true, 'Isolate and lock off every drive before reaching in. Prove that it is dead.'),
    ('IN_THE_ASSEMBLY', 3, false, 'Take suspension or load off the joint; caps torqued as the maker says.'),
    ('IN_THE_ASSEMBLY', 4, false, 'Wipe the surfaces; bearings and inserts in or out as the requirement says.');

-- Attempts: as found, again, after correction, by a second inspector. None is ever deleted.
create table attempt (
    id bigint generated by default as identity primary key,
    set_up_id bigint not null references set_up,
    number int not null,
    kind varchar(20) not null,
    begun_by bigint not null references account,
    begun_at timestamp with time zone not null,
    unique (set_up_id, number)
);
insert into attempt (set_up_id, number, kind, begun_by, begun_at)
select s.set_up_id, 1, 'AS_FOUND', s.begun_by, s.begun_at from sweep s where s.number = 1;
alter table sweep add column attempt_id bigint references attempt;
update sweep s set attempt_id = (select a.id from attempt a where a.set_up_id = s.set_up_id);
alter table sweep alter column attempt_id set not null;

-- What was left out: a step, or with an empty step the whole requirement.
create table left_out (
    id bigint generated by default as identity primary key,
    set_up_id bigint not null references set_up,
    sweep_id bigint references sweep,
    step varchar(20),
    reason varchar(200) not null,
    left_by bigint not null references account,
    left_at timestamp with time zone not null,
    taken_up_by bigint references account,
    taken_up_at timestamp with time zone
);
create index left_out_of_set_up on left_out (set_up_id);

-- What a set-up waits for, the corrections of its readings, and the simulated indicator if it stands in for a gauge.
alter table set_up add column waits_for varchar(20);
alter table set_up add column asked_to_wait_by bigint references account;
alter table set_up add column drift boolean default false not null;
alter table set_up add column sag varchar(40);
alter table set_up add column sag_unit varchar(20);
alter table set_up add column lever varchar(20);
alter table set_up add column simulated_seed bigint;
alter table set_up add column bezel varchar(40) default '0' not null;

alter table reading add column source varchar(20) default 'KEYPAD' not null;
alter table sweep_station alter column angle rename to place;

-- Which units a person wants to see.
alter table account add column units varchar(20) default 'AS_DRAWN' not null;

-- Records made with numbers of their own leave the counters behind them.
alter table part alter column id restart with (select coalesce(max(id), 0) + 1 from part);
alter table feature alter column id restart with (select coalesce(max(id), 0) + 1 from feature);
alter table requirement alter column id restart with (select coalesce(max(id), 0) + 1 from requirement);
alter table preparation alter column id restart with (select coalesce(max(id), 0) + 1 from preparation);
alter table gauge alter column id restart with (select coalesce(max(id), 0) + 1 from gauge);

-- A verdict may have no figure (answers, left out), two bounds, or none.
alter table signed_verdict alter column figure_micrometres set null;
alter table signed_verdict alter column limit_micrometres set null;
alter table signed_verdict add column lower_micrometres varchar(40);
