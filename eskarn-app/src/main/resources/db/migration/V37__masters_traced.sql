-- A zero keeps which master it was set on, not only what that was called then, so that a master found off is traced back too.
alter table zero_setting add column master_id bigint references gauge;
update zero_setting set master_id = (
    select min(g.id) from gauge g
    where zero_setting.master = g.mark || ', ' || g.name
       or left(lower(zero_setting.master), char_length(g.mark) + 11) = 'stack of ' || lower(g.mark) || ': ');
create index zero_setting_master on zero_setting (master_id, set_at);
-- What rests on them is found anew.
update docket set traced = false where id in (
    select u.docket_id from set_up u
        join sweep s on s.set_up_id = u.id
        join zero_setting z on z.sweep_id = s.id
    where z.master_id is not null);
delete from signed_use where set_up_id in (
    select u.id from set_up u join docket d on d.id = u.docket_id where d.traced = false);
