-- Rights in the database of a house; can be run again at any time.
revoke create on schema public from public;
grant usage on schema public to zebrafinch;
grant usage, create on schema public to zebrafinch_owner;
grant select, insert, update, delete on all tables in schema public to zebrafinch;
grant usage, select on all sequences in schema public to zebrafinch;
alter default privileges for role zebrafinch_owner in schema public grant select, insert, update, delete on tables to zebrafinch;
alter default privileges for role zebrafinch_owner in schema public grant usage, select on sequences to zebrafinch;
-- The journal is added to and nothing else; its seals are made by the database itself.
do $$
begin
    if to_regclass('journal_seals') is not null then
        revoke update, delete on journal from zebrafinch;
        revoke insert, update, delete on journal_seals from zebrafinch;
    end if;
end
$$;
