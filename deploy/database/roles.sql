-- The roles of a house. Passwords are set beside this file; zebrafinch is the only one that the web server knows.
do $$
begin
    if not exists (select from pg_roles where rolname = 'zebrafinch_owner') then
        create role zebrafinch_owner login;
    end if;
    if not exists (select from pg_roles where rolname = 'zebrafinch') then
        create role zebrafinch login;
    end if;
end
$$;
alter role zebrafinch_owner nosuperuser nocreatedb nocreaterole;
alter role zebrafinch nosuperuser nocreatedb nocreaterole;
-- Nothing that a page waits for takes longer.
alter role zebrafinch set statement_timeout = '50s';
alter role zebrafinch set idle_in_transaction_session_timeout = '60s';
