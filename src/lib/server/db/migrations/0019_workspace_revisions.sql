CREATE TABLE "workspace_revisions" (
	"workspace_id" uuid PRIMARY KEY NOT NULL,
	"revision" bigint NOT NULL
);
--> statement-breakpoint
ALTER TABLE "case_stop_history" ADD COLUMN "body_version" smallint DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE "case_stops" ADD COLUMN "body_version" smallint DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE "labels" ADD COLUMN "body_version" smallint DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE "plan_days" ADD COLUMN "body_version" smallint DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE "plans" ADD COLUMN "body_version" smallint DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE "records" ADD COLUMN "body_version" smallint DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE "workspace_revisions" ADD CONSTRAINT "workspace_revisions_workspace_id_workspaces_id_fk" FOREIGN KEY ("workspace_id") REFERENCES "public"."workspaces"("id") ON DELETE cascade ON UPDATE no action;
--> statement-breakpoint
ALTER TABLE workspace_revisions ENABLE ROW LEVEL SECURITY;
--> statement-breakpoint
CREATE POLICY kept_apart ON workspace_revisions USING (workspace_id = (SELECT here())) WITH CHECK (workspace_id = (SELECT here()));
--> statement-breakpoint
-- Counts once for each transaction, as it is closed: whoever sees the new count sees all of what was written, and nobody
-- waits for the row of a workspace longer than a commit takes.
CREATE FUNCTION count_change() RETURNS trigger LANGUAGE plpgsql SECURITY DEFINER SET search_path = public, pg_temp AS $$
DECLARE place uuid; mark text;
BEGIN
  IF TG_OP = 'DELETE' THEN place := OLD.workspace_id; ELSE place := NEW.workspace_id; END IF;
  mark := pg_current_xact_id()::text || ' ' || place::text;
  IF current_setting('nimsy.counted', true) IS NOT DISTINCT FROM mark THEN RETURN NULL; END IF;
  INSERT INTO workspace_revisions (workspace_id, revision) SELECT w.id, 1 FROM workspaces w WHERE w.id = place
    ON CONFLICT (workspace_id) DO UPDATE SET revision = workspace_revisions.revision + 1;
  PERFORM set_config('nimsy.counted', mark, true);
  RETURN NULL;
END $$;
--> statement-breakpoint
REVOKE ALL ON FUNCTION count_change() FROM PUBLIC;
--> statement-breakpoint
-- A later migration that changes rows of these tables and then the table itself says SET CONSTRAINTS ALL IMMEDIATE between.
DO $$
DECLARE kept text;
BEGIN
  FOREACH kept IN ARRAY ARRAY['customers', 'properties', 'cases', 'case_stops', 'settlements', 'settlement_history', 'records',
    'labels', 'containers', 'stock_changes', 'stock_movements', 'label_files', 'plans', 'plan_days', 'plan_pictures', 'photos',
    'equipment', 'calibrations', 'kept_jobs', 'removed'] LOOP
    EXECUTE format('CREATE CONSTRAINT TRIGGER changes_are_counted AFTER INSERT OR UPDATE OR DELETE ON %I
      DEFERRABLE INITIALLY DEFERRED FOR EACH ROW EXECUTE FUNCTION count_change()', kept);
  END LOOP;
END $$;
--> statement-breakpoint
CREATE OR REPLACE FUNCTION who_asks(token text) RETURNS jsonb
LANGUAGE plpgsql SECURITY DEFINER SET search_path = public, pg_temp AS $$
DECLARE house installation; asker people; own sessions; member memberships; place workspaces;
BEGIN
  SELECT * INTO house FROM installation WHERE id = 1;
  IF house.sign_in = 'only-me' THEN
    SELECT * INTO asker FROM people ORDER BY made_at LIMIT 1;
  ELSIF token IS NOT NULL THEN
    SELECT * INTO own FROM sessions s
      WHERE s.token_hash = token AND s.expires_at > now() AND s.opened_at > now() - interval '90 days';
    IF own.person_id IS NOT NULL AND NOT own.half THEN
      SELECT * INTO asker FROM people WHERE id = own.person_id;
      UPDATE sessions SET seen_at = now(), expires_at = least(now() + interval '30 days', opened_at + interval '90 days')
        WHERE token_hash = token AND seen_at < now() - interval '1 hour';
    END IF;
  END IF;
  IF asker.id IS NOT NULL THEN
    member := best_membership(asker.id, own.workspace_id);
    SELECT * INTO place FROM workspaces WHERE id = member.workspace_id;
  END IF;
  RETURN jsonb_build_object(
    'mode', house.mode, 'opensOn', house.opens_on, 'firstStartedAt', house.first_started_at, 'signIn', house.sign_in,
    'half', coalesce(own.half AND own.opened_at > now() - interval '10 minutes', false),
    'person', CASE WHEN asker.id IS NULL THEN NULL ELSE jsonb_build_object('id', asker.id, 'name', asker.name, 'email', asker.email,
      'hasPassword', asker.password_hash IS NOT NULL, 'hasSecondFactor', asker.totp_since IS NOT NULL,
      'confirmed', own.person_id IS NULL OR own.confirmed_at > now() - interval '15 minutes') END,
    'workspace', CASE WHEN place.id IS NULL THEN NULL ELSE jsonb_build_object('id', place.id, 'name', place.name,
      'revision', coalesce((SELECT r.revision FROM workspace_revisions r WHERE r.workspace_id = place.id), 0),
      'role', member.role, 'licence', member.licence, 'settings', place.settings, 'settingsRevision', place.settings_revision,
      'zone', (SELECT p.time_zone FROM properties p WHERE p.workspace_id = place.id ORDER BY p.id LIMIT 1)) END);
END $$;
