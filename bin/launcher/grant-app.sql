-- What the application may do with the tables as they are now. The trail it only adds to.
REVOKE CREATE ON SCHEMA public FROM PUBLIC;
GRANT USAGE ON SCHEMA public TO japhrex_app;
GRANT SELECT, INSERT, UPDATE, DELETE ON ALL TABLES IN SCHEMA public TO japhrex_app;
GRANT USAGE, SELECT, UPDATE ON ALL SEQUENCES IN SCHEMA public TO japhrex_app;
REVOKE UPDATE, DELETE ON audit_entry, trail_night, security_event FROM japhrex_app;
REVOKE INSERT, UPDATE, DELETE ON trail_head, doctrine_migration_versions FROM japhrex_app;
REVOKE DELETE ON trail_name FROM japhrex_app;
REVOKE UPDATE ON brought_case FROM japhrex_app;
-- The one thing that may change what was signed, and that only years later.
REVOKE EXECUTE ON FUNCTION take_people_out(uuid) FROM PUBLIC;
GRANT EXECUTE ON FUNCTION take_people_out(uuid) TO japhrex_app;
