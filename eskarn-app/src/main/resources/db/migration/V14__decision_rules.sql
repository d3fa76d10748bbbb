-- The figure of a decision rule: least tolerance over U of simple acceptance, or the required probability of conformity in percent.
-- Null for the usual one.
alter table requirement add column rule_figure varchar(40);
