-- A logged step that was mistyped stays, with who took it back and why.
alter table truing_step add column taken_back_reason varchar(200);
alter table truing_step add column taken_back_by bigint;
alter table truing_step add column taken_back_at timestamp with time zone;
alter table truing_step add constraint truing_step_taken_back_by foreign key (taken_back_by) references account (id);
