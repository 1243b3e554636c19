-- The application's role owns the schema and what is in it; what an earlier Rigger made as the superuser is handed over.
CREATE EXTENSION IF NOT EXISTS pg_trgm;
ALTER SCHEMA public OWNER TO rigger_app;
DO $$
DECLARE one RECORD;
BEGIN
    FOR one IN SELECT c.oid::regclass AS name, c.relkind FROM pg_class c
        WHERE c.relnamespace = 'public'::regnamespace AND c.relkind IN ('r', 'v', 'm', 'S') AND c.relowner <> 'rigger_app'::regrole
            AND NOT EXISTS (SELECT 1 FROM pg_depend d WHERE d.objid = c.oid AND d.deptype IN ('e', 'a', 'i'))
    LOOP EXECUTE format('ALTER %s %s OWNER TO rigger_app', CASE one.relkind WHEN 'S' THEN 'SEQUENCE' WHEN 'v' THEN 'VIEW' WHEN 'm' THEN 'MATERIALIZED VIEW' ELSE 'TABLE' END, one.name); END LOOP;
    FOR one IN SELECT p.oid::regprocedure AS name FROM pg_proc p
        WHERE p.pronamespace = 'public'::regnamespace AND p.proowner <> 'rigger_app'::regrole
            AND NOT EXISTS (SELECT 1 FROM pg_depend d WHERE d.objid = p.oid AND d.deptype = 'e')
    LOOP EXECUTE format('ALTER FUNCTION %s OWNER TO rigger_app', one.name); END LOOP;
END $$;
