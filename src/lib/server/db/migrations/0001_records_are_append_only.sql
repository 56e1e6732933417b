CREATE FUNCTION refuse_record_change() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  RAISE EXCEPTION 'records are append-only: log a correction that names the old one' USING ERRCODE = 'raise_exception';
END;
$$;
--> statement-breakpoint
CREATE TRIGGER records_never_change BEFORE UPDATE OR DELETE ON "records" FOR EACH ROW EXECUTE FUNCTION refuse_record_change();
--> statement-breakpoint
CREATE TRIGGER records_never_truncated BEFORE TRUNCATE ON "records" FOR EACH STATEMENT EXECUTE FUNCTION refuse_record_change();
--> statement-breakpoint
CREATE TRIGGER labels_never_change BEFORE UPDATE ON "labels" FOR EACH ROW EXECUTE FUNCTION refuse_record_change();
