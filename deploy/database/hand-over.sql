-- A database of an earlier version, whose tables belonged to the role as which the web runs.
do $$
declare
    one record;
begin
    execute format('alter database %I owner to zebrafinch_owner', current_database());
    for one in select c.oid::regclass as name, c.relkind as kind from pg_class c
        where c.relnamespace = 'public'::regnamespace and c.relkind in ('r', 'S', 'v') and not exists
            (select from pg_depend d where d.objid = c.oid and d.deptype in ('a', 'i'))
    loop
        execute format('alter %s %s owner to zebrafinch_owner', case one.kind when 'S' then 'sequence' when 'v' then 'view' else 'table' end, one.name);
    end loop;
    for one in select p.oid::regprocedure as name from pg_proc p where p.pronamespace = 'public'::regnamespace
    loop
        execute format('alter function %s owner to zebrafinch_owner', one.name);
    end loop;
end
$$;
