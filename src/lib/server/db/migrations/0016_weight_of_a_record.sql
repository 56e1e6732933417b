CREATE TABLE "events" (
	"id" bigint PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "events_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 9223372036854775807 START WITH 1 CACHE 1),
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	"kind" text NOT NULL,
	"workspace_id" uuid,
	"person_id" uuid,
	"person" text NOT NULL,
	"facts" jsonb NOT NULL,
	"came_from" text NOT NULL
);
--> statement-breakpoint
CREATE TABLE "jobs" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"workspace_id" uuid NOT NULL,
	"person_id" uuid NOT NULL,
	"kind" text NOT NULL,
	"state" text NOT NULL,
	"doing" text DEFAULT '' NOT NULL,
	"done" integer DEFAULT 0 NOT NULL,
	"total" integer DEFAULT 0 NOT NULL,
	"result" jsonb,
	"stop_asked" boolean DEFAULT false NOT NULL,
	"made_at" timestamp with time zone DEFAULT now() NOT NULL,
	"ended_at" timestamp with time zone
);
--> statement-breakpoint
CREATE TABLE "known_browsers" (
	"token_hash" text PRIMARY KEY NOT NULL,
	"person_id" uuid NOT NULL,
	"seen_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "recovery_codes" (
	"person_id" uuid NOT NULL,
	"code_hash" text NOT NULL,
	"used_at" timestamp with time zone,
	CONSTRAINT "recovery_codes_person_id_code_hash_pk" PRIMARY KEY("person_id","code_hash")
);
--> statement-breakpoint
CREATE TABLE "sends" (
	"workspace_id" uuid NOT NULL,
	"key" text NOT NULL,
	"digest" text NOT NULL,
	"answer" jsonb,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "sends_workspace_id_key_pk" PRIMARY KEY("workspace_id","key")
);
--> statement-breakpoint
CREATE TABLE "settlement_history" (
	"id" bigint PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "settlement_history_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 9223372036854775807 START WITH 1 CACHE 1),
	"workspace_id" uuid NOT NULL,
	"case_id" uuid NOT NULL,
	"key" text NOT NULL,
	"act" text NOT NULL,
	"by" text NOT NULL,
	"account_id" uuid,
	"said" text,
	"at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
CREATE TABLE "stock_movements" (
	"id" bigint PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "stock_movements_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 9223372036854775807 START WITH 1 CACHE 1),
	"workspace_id" uuid NOT NULL,
	"label_id" text NOT NULL,
	"lot" text NOT NULL,
	"amount" double precision NOT NULL,
	"unit" text NOT NULL,
	"of" text NOT NULL,
	"source" uuid NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "stock_movements_source_of_unique" UNIQUE("source","of")
);
--> statement-breakpoint
DROP INDEX "records_workspace_id_done_on_index";--> statement-breakpoint
ALTER TABLE "containers" ADD COLUMN "moved" double precision;--> statement-breakpoint
ALTER TABLE "equipment" ADD COLUMN "revision" integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE "exports" ADD COLUMN "state" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "exports" ADD COLUMN "last_record_hash" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "installation" ADD COLUMN "stands" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "outbox" ADD COLUMN "link" text;--> statement-breakpoint
ALTER TABLE "people" ADD COLUMN "totp_secret" text;--> statement-breakpoint
ALTER TABLE "people" ADD COLUMN "totp_since" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "people" ADD COLUMN "totp_step" bigint;--> statement-breakpoint
ALTER TABLE "records" ADD COLUMN "logged_order" bigint;--> statement-breakpoint
ALTER TABLE "records" DISABLE TRIGGER records_never_change;--> statement-breakpoint
UPDATE records r SET logged_order = o.n
  FROM (SELECT id, row_number() OVER (ORDER BY logged_at, id) AS n FROM records) o WHERE o.id = r.id;--> statement-breakpoint
ALTER TABLE "records" ENABLE TRIGGER records_never_change;--> statement-breakpoint
ALTER TABLE "records" ALTER COLUMN "logged_order" SET NOT NULL;--> statement-breakpoint
ALTER TABLE "records" ALTER COLUMN "logged_order" ADD GENERATED ALWAYS AS IDENTITY (sequence name "records_logged_order_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 9223372036854775807 START WITH 1 CACHE 1);--> statement-breakpoint
SELECT setval(pg_get_serial_sequence('records', 'logged_order'), coalesce((SELECT max(logged_order) FROM records), 0) + 1, false);--> statement-breakpoint
ALTER TABLE "records" ADD COLUMN "account_id" uuid;--> statement-breakpoint
ALTER TABLE "records" ADD COLUMN "account" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "records" ADD COLUMN "came_from" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "records" ADD COLUMN "imported_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "records" ADD COLUMN "send_key" uuid;--> statement-breakpoint
ALTER TABLE "records" ADD COLUMN "send_digest" text;--> statement-breakpoint
ALTER TABLE "sessions" ADD COLUMN "id" uuid DEFAULT gen_random_uuid() NOT NULL;--> statement-breakpoint
ALTER TABLE "sessions" ADD COLUMN "confirmed_at" timestamp with time zone DEFAULT now() NOT NULL;--> statement-breakpoint
ALTER TABLE "sessions" ADD COLUMN "half" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "sessions" ADD COLUMN "device" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "sessions" ADD COLUMN "came_from" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "jobs" ADD CONSTRAINT "jobs_workspace_id_workspaces_id_fk" FOREIGN KEY ("workspace_id") REFERENCES "public"."workspaces"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "known_browsers" ADD CONSTRAINT "known_browsers_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "recovery_codes" ADD CONSTRAINT "recovery_codes_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "sends" ADD CONSTRAINT "sends_workspace_id_workspaces_id_fk" FOREIGN KEY ("workspace_id") REFERENCES "public"."workspaces"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "settlement_history" ADD CONSTRAINT "settlement_history_workspace_id_workspaces_id_fk" FOREIGN KEY ("workspace_id") REFERENCES "public"."workspaces"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "settlement_history" ADD CONSTRAINT "settlement_history_workspace_id_case_id_cases_workspace_id_id_fk" FOREIGN KEY ("workspace_id","case_id") REFERENCES "public"."cases"("workspace_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "stock_movements" ADD CONSTRAINT "stock_movements_workspace_id_workspaces_id_fk" FOREIGN KEY ("workspace_id") REFERENCES "public"."workspaces"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "events_of_workspace" ON "events" USING btree ("workspace_id","id");--> statement-breakpoint
CREATE INDEX "events_of_person" ON "events" USING btree ("person_id","id");--> statement-breakpoint
CREATE INDEX "jobs_of_workspace" ON "jobs" USING btree ("workspace_id","made_at");--> statement-breakpoint
CREATE INDEX "known_browsers_person_id_index" ON "known_browsers" USING btree ("person_id");--> statement-breakpoint
CREATE INDEX "sends_by_time" ON "sends" USING btree ("at");--> statement-breakpoint
CREATE INDEX "history_of_ticks" ON "settlement_history" USING btree ("workspace_id","case_id","id");--> statement-breakpoint
CREATE INDEX "movements_of_container" ON "stock_movements" USING btree ("workspace_id","label_id","lot");--> statement-breakpoint
CREATE INDEX "records_in_order" ON "records" USING btree ("workspace_id","done_on","logged_order");--> statement-breakpoint
CREATE INDEX "records_of_case" ON "records" USING btree ("workspace_id","case_id");--> statement-breakpoint
ALTER TABLE "records" ADD CONSTRAINT "records_sent_once" UNIQUE("workspace_id","send_key");--> statement-breakpoint
ALTER TABLE "sessions" ADD CONSTRAINT "sessions_id_unique" UNIQUE("id");
--> statement-breakpoint
DO $$
DECLARE kept text;
BEGIN
  FOREACH kept IN ARRAY ARRAY['settlement_history', 'sends', 'stock_movements', 'jobs'] LOOP
    EXECUTE format('ALTER TABLE %I ENABLE ROW LEVEL SECURITY', kept);
    EXECUTE format('CREATE POLICY kept_apart ON %I USING (workspace_id = (SELECT here())) WITH CHECK (workspace_id = (SELECT here()))', kept);
  END LOOP;
END $$;
--> statement-breakpoint
-- The present as the installation sees it: the demonstration has a clock of its own.
CREATE FUNCTION house_now() RETURNS timestamptz LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp AS $$
  SELECT CASE WHEN mode = 'demo' AND opens_on IS NOT NULL
    THEN (opens_on + time '06:30') AT TIME ZONE 'UTC'
      + CASE WHEN stands THEN interval '0' ELSE greatest(interval '0', clock_timestamp() - first_started_at) END
    ELSE clock_timestamp() END
  FROM installation WHERE id = 1
$$;
--> statement-breakpoint
-- Who acts in this transaction, and from where: the application says it when it opens one.
CREATE FUNCTION acting() RETURNS uuid LANGUAGE sql STABLE PARALLEL SAFE AS
$$ SELECT nullif(current_setting('nimsy.person', true), '')::uuid $$;
--> statement-breakpoint
CREATE FUNCTION came_from() RETURNS text LANGUAGE sql STABLE PARALLEL SAFE AS
$$ SELECT left(coalesce(current_setting('nimsy.from', true), ''), 80) $$;
--> statement-breakpoint
-- The time, the account and where it came from are the database's to say; a record that is read in from a file says so.
CREATE FUNCTION record_is_taken() RETURNS trigger LANGUAGE plpgsql SECURITY DEFINER SET search_path = public, pg_temp AS $$
BEGIN
  IF session_user = (SELECT pg_get_userbyid(relowner) FROM pg_class WHERE oid = TG_RELID) THEN RETURN NEW; END IF;
  IF current_setting('nimsy.importing', true) = 'yes' THEN
    NEW.imported_at := house_now();
    NEW.account_id := NULL;
    RETURN NEW;
  END IF;
  NEW.imported_at := NULL;
  NEW.logged_at := house_now();
  NEW.account_id := acting();
  NEW.account := coalesce((SELECT name FROM people WHERE id = acting()), '');
  NEW.came_from := came_from();
  RETURN NEW;
END $$;
--> statement-breakpoint
CREATE TRIGGER records_are_taken BEFORE INSERT ON records FOR EACH ROW EXECUTE FUNCTION record_is_taken();
--> statement-breakpoint
CREATE FUNCTION tick_leaves_a_trace() RETURNS trigger LANGUAGE plpgsql SECURITY DEFINER SET search_path = public, pg_temp AS $$
BEGIN
  IF current_setting('nimsy.removing', true) = 'yes' OR current_setting('nimsy.importing', true) = 'yes' THEN RETURN NULL; END IF;
  IF TG_OP = 'DELETE' THEN
    INSERT INTO settlement_history (workspace_id, case_id, key, act, by, account_id, said, at)
      VALUES (OLD.workspace_id, OLD.case_id, OLD.key, 'taken-back',
        coalesce((SELECT name FROM people WHERE id = acting()), OLD."by"), acting(), OLD.said, house_now());
  ELSE
    INSERT INTO settlement_history (workspace_id, case_id, key, act, by, account_id, said, at)
      VALUES (NEW.workspace_id, NEW.case_id, NEW.key, 'ticked', NEW."by", acting(), NEW.said, NEW.at);
  END IF;
  RETURN NULL;
END $$;
--> statement-breakpoint
CREATE TRIGGER ticks_leave_a_trace AFTER INSERT OR UPDATE OR DELETE ON settlements FOR EACH ROW EXECUTE FUNCTION tick_leaves_a_trace();
--> statement-breakpoint
INSERT INTO settlement_history (workspace_id, case_id, key, act, by, said, at)
  SELECT workspace_id, case_id, key, 'ticked', by, said, at FROM settlements ORDER BY at;
--> statement-breakpoint
CREATE FUNCTION refuse_change() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  IF TG_OP = 'DELETE' AND current_setting('nimsy.removing', true) = 'yes'
    AND current_user = (SELECT pg_get_userbyid(relowner) FROM pg_class WHERE oid = TG_RELID) THEN RETURN OLD; END IF;
  RAISE EXCEPTION 'what happened is kept as it was' USING ERRCODE = 'raise_exception';
END $$;
--> statement-breakpoint
CREATE TRIGGER events_never_change BEFORE UPDATE OR DELETE ON events FOR EACH ROW EXECUTE FUNCTION refuse_change();
--> statement-breakpoint
CREATE TRIGGER events_never_truncated BEFORE TRUNCATE ON events FOR EACH STATEMENT EXECUTE FUNCTION refuse_change();
--> statement-breakpoint
CREATE TRIGGER ticks_never_truncated BEFORE TRUNCATE ON settlement_history FOR EACH STATEMENT EXECUTE FUNCTION refuse_change();
--> statement-breakpoint
CREATE TRIGGER movements_never_truncated BEFORE TRUNCATE ON stock_movements FOR EACH STATEMENT EXECUTE FUNCTION refuse_change();
--> statement-breakpoint
CREATE TRIGGER ticks_never_change BEFORE UPDATE OR DELETE ON settlement_history FOR EACH ROW EXECUTE FUNCTION refuse_change();
--> statement-breakpoint
CREATE TRIGGER movements_never_change BEFORE UPDATE OR DELETE ON stock_movements FOR EACH ROW EXECUTE FUNCTION refuse_change();
--> statement-breakpoint
-- Writes down what happened. Without a workspace it belongs to the person alone.
CREATE FUNCTION note_event(what text, more jsonb, place uuid, who uuid, machine text) RETURNS void
LANGUAGE sql SECURITY DEFINER SET search_path = public, pg_temp AS $$
  INSERT INTO events (at, kind, workspace_id, person_id, person, facts, came_from)
    VALUES (house_now(), what, place, who, coalesce((SELECT name FROM people WHERE id = who), ''), more, left(machine, 80))
$$;
--> statement-breakpoint
-- What happened in the workspace of the transaction and to the access of its members, newest first, for its owners.
CREATE FUNCTION events_here(asked uuid, before bigint, most integer)
RETURNS TABLE (id bigint, at timestamptz, kind text, person text, facts jsonb, came_from text)
LANGUAGE plpgsql STABLE SECURITY DEFINER SET search_path = public, pg_temp AS $$
BEGIN
  IF NOT owns_here(asked) THEN RETURN; END IF;
  RETURN QUERY SELECT e.id, e.at, e.kind, e.person, e.facts, e.came_from FROM events e
    WHERE e.id < coalesce(before, 9223372036854775807)
      AND (e.workspace_id = here() OR (e.workspace_id IS NULL
        AND e.person_id IN (SELECT m.person_id FROM memberships m WHERE m.workspace_id = here())))
    ORDER BY e.id DESC LIMIT least(most, 500);
END $$;
--> statement-breakpoint
-- Says the same as long as no row of the workspace that an export holds was written.
CREATE FUNCTION workspace_state() RETURNS text
LANGUAGE plpgsql STABLE SECURITY DEFINER SET search_path = public, pg_temp AS $$
DECLARE kept text; part text; whole text := '';
BEGIN
  IF here() IS NULL THEN RETURN NULL; END IF;
  FOREACH kept IN ARRAY ARRAY['workspaces', 'customers', 'properties', 'cases', 'case_stops', 'case_stop_history',
    'settlements', 'settlement_history', 'records', 'photos', 'labels', 'containers', 'stock_changes', 'label_files',
    'plans', 'plan_days', 'plan_pictures', 'equipment', 'calibrations', 'kept_jobs']
  LOOP
    EXECUTE format('SELECT count(*) || '':'' || coalesce(sum(hashtextextended(t.xmin::text || t.ctid::text, 0)::numeric), 0)
      FROM %I t WHERE t.%I = $1', kept, CASE kept WHEN 'workspaces' THEN 'id' ELSE 'workspace_id' END) INTO part USING here();
    whole := whole || kept || part || ' ';
  END LOOP;
  RETURN encode(sha256(convert_to(whole, 'UTF8')), 'hex');
END $$;
--> statement-breakpoint
DROP FUNCTION remove_workspace(uuid, text, text, text);
--> statement-breakpoint
DROP FUNCTION prune_records(uuid, text, date, text, text);
--> statement-breakpoint
-- The export of the present state that a deletion needs, or nothing.
CREATE FUNCTION export_of_now() RETURNS exports
LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp AS $$
  SELECT e FROM exports e WHERE e.workspace_id = here() AND e.state <> '' AND e.state = workspace_state()
    AND e.at > now() - interval '1 hour' ORDER BY e.at DESC LIMIT 1
$$;
--> statement-breakpoint
-- Deletes the workspace of the transaction: by its owner, with its name typed, after an export of its present state.
CREATE FUNCTION remove_workspace(asked uuid, typed text) RETURNS text
LANGUAGE plpgsql SECURITY DEFINER SET search_path = public, pg_temp AS $$
DECLARE place workspaces; who text; kept text; many integer; export exports;
BEGIN
  SELECT * INTO place FROM workspaces WHERE id = here() FOR UPDATE;
  IF place.id IS NULL OR NOT owns_here(asked) THEN RETURN 'not-owner'; END IF;
  IF place.name <> typed THEN RETURN 'name-differs'; END IF;
  export := export_of_now();
  IF export.id IS NULL THEN RETURN 'no-export'; END IF;
  SELECT name INTO who FROM people WHERE id = asked;
  SELECT count(*) INTO many FROM records WHERE workspace_id = place.id;
  PERFORM set_config('nimsy.removing', 'yes', true);
  FOREACH kept IN ARRAY ARRAY['shared_links', 'settlements', 'settlement_history', 'case_stop_history', 'case_stops', 'records', 'cases',
    'properties', 'customers', 'stock_movements', 'containers', 'labels', 'equipment', 'outbox', 'exports', 'invitations', 'memberships']
  LOOP EXECUTE format('DELETE FROM %I WHERE workspace_id = $1', kept) USING place.id; END LOOP;
  UPDATE sessions SET workspace_id = NULL WHERE workspace_id = place.id;
  DELETE FROM workspaces WHERE id = place.id;
  PERFORM set_config('nimsy.removing', 'no', true);
  INSERT INTO tombstones (what, workspace_id, name, by, records, last_record_hash, export_checksum)
    VALUES ('workspace', place.id, place.name, who, many, export.last_record_hash, export.checksum);
  PERFORM note_event('workspace-removed', jsonb_build_object('name', place.name, 'records', many), NULL, asked, came_from());
  RETURN 'removed';
END $$;
--> statement-breakpoint
-- Deletes records of work done before the years that the workspace keeps them. The day follows from its settings and
-- from the clock; nobody hands one in.
CREATE FUNCTION prune_records(asked uuid, typed text) RETURNS text
LANGUAGE plpgsql SECURITY DEFINER SET search_path = public, pg_temp AS $$
DECLARE place workspaces; who text; many integer; before date; export exports;
BEGIN
  SELECT * INTO place FROM workspaces WHERE id = here() FOR UPDATE;
  IF place.id IS NULL OR NOT owns_here(asked) THEN RETURN 'not-owner'; END IF;
  IF place.name <> typed THEN RETURN 'name-differs'; END IF;
  export := export_of_now();
  IF export.id IS NULL THEN RETURN 'no-export'; END IF;
  before := ((house_now() AT TIME ZONE coalesce(place.settings->>'timeZone', 'UTC'))::date
    - make_interval(years => greatest(1, coalesce((place.settings->>'retentionYears')::int, 7))))::date;
  SELECT name INTO who FROM people WHERE id = asked;
  PERFORM set_config('nimsy.removing', 'yes', true);
  DELETE FROM shared_links s USING records r WHERE s.workspace_id = place.id AND r.workspace_id = place.id
    AND s.record_id = r.id AND r.done_on < before;
  -- A record and its corrections go together or stay together.
  WITH RECURSIVE chain AS (
    SELECT r.id, r.id AS root FROM records r WHERE r.workspace_id = place.id AND r.corrects IS NULL
    UNION ALL SELECT r.id, c.root FROM records r JOIN chain c ON r.corrects = c.id WHERE r.workspace_id = place.id),
  old AS (SELECT c.root FROM chain c JOIN records r ON r.workspace_id = place.id AND r.id = c.id
    GROUP BY c.root HAVING max(r.done_on) < before)
  DELETE FROM records r USING chain c, old o WHERE r.workspace_id = place.id AND r.id = c.id AND c.root = o.root;
  GET DIAGNOSTICS many = ROW_COUNT;
  PERFORM set_config('nimsy.removing', 'no', true);
  INSERT INTO tombstones (what, workspace_id, name, by, records, last_record_hash, export_checksum)
    VALUES ('records', place.id, place.name, who, many, export.last_record_hash, export.checksum);
  PERFORM note_event('records-pruned', jsonb_build_object('records', many, 'before', before), place.id, asked, came_from());
  RETURN 'removed';
END $$;
--> statement-breakpoint
-- Links that lay readable in the outbox open nothing to whoever reads it later.
UPDATE outbox SET body = regexp_replace(body, '(/(join|reset)/)[A-Za-z0-9_-]+', '\1…', 'g');
--> statement-breakpoint
DROP FUNCTION open_session(uuid, text);
--> statement-breakpoint
CREATE FUNCTION open_session(asked uuid, token text, machine text, browser text, waits boolean) RETURNS void
LANGUAGE plpgsql SECURITY DEFINER SET search_path = public, pg_temp AS $$
BEGIN
  DELETE FROM sessions WHERE expires_at < now() OR (half AND opened_at < now() - interval '10 minutes');
  INSERT INTO sessions (token_hash, person_id, workspace_id, expires_at, device, came_from, half)
  SELECT token, asked, (SELECT s.workspace_id FROM sessions s WHERE s.person_id = asked ORDER BY s.seen_at DESC LIMIT 1),
    now() + interval '30 days', left(browser, 60), left(machine, 80), waits;
END $$;
--> statement-breakpoint
-- As before, and what the session proves: 30 days without use end it, and 90 days in any case.
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
      'role', member.role, 'licence', member.licence, 'settings', place.settings, 'settingsRevision', place.settings_revision,
      'zone', (SELECT p.time_zone FROM properties p WHERE p.workspace_id = place.id ORDER BY p.id LIMIT 1)) END);
END $$;
--> statement-breakpoint
CREATE FUNCTION sessions_of(asked uuid, present text)
RETURNS TABLE (id uuid, device text, came_from text, opened_at timestamptz, seen_at timestamptz, present boolean)
LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp AS $$
  SELECT s.id, s.device, s.came_from, s.opened_at, s.seen_at, s.token_hash = present FROM sessions s
  WHERE s.person_id = asked AND s.expires_at > now() AND s.opened_at > now() - interval '90 days' AND NOT s.half
  ORDER BY s.token_hash = present DESC, s.seen_at DESC LIMIT 100
$$;
--> statement-breakpoint
CREATE FUNCTION end_session_of(asked uuid, which uuid) RETURNS boolean
LANGUAGE plpgsql SECURITY DEFINER SET search_path = public, pg_temp AS $$
BEGIN
  DELETE FROM sessions WHERE person_id = asked AND sessions.id = which;
  RETURN FOUND;
END $$;
--> statement-breakpoint
CREATE FUNCTION confirm_session(token text) RETURNS void
LANGUAGE sql SECURITY DEFINER SET search_path = public, pg_temp AS
$$ UPDATE sessions SET confirmed_at = now() WHERE token_hash = token AND NOT half $$;
--> statement-breakpoint
-- Whose code is waited for.
CREATE FUNCTION half_session(token text) RETURNS uuid
LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp AS $$
  SELECT person_id FROM sessions WHERE token_hash = token AND half AND opened_at > now() - interval '10 minutes'
$$;
--> statement-breakpoint
CREATE FUNCTION totp_of(asked uuid) RETURNS TABLE (secret text, since timestamptz, codes_left integer)
LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp AS $$
  SELECT p.totp_secret, p.totp_since,
    (SELECT count(*)::int FROM recovery_codes r WHERE r.person_id = p.id AND r.used_at IS NULL)
  FROM people p WHERE p.id = asked
$$;
--> statement-breakpoint
-- Begins a second factor; it counts once its first code was right.
CREATE FUNCTION begin_totp(asked uuid, secret text) RETURNS void
LANGUAGE sql SECURITY DEFINER SET search_path = public, pg_temp AS
$$ UPDATE people SET totp_secret = secret, totp_step = NULL WHERE people.id = asked AND totp_since IS NULL $$;
--> statement-breakpoint
-- Takes the code of a step of time, each once; false where it was taken before.
CREATE FUNCTION take_totp(asked uuid, step bigint) RETURNS boolean
LANGUAGE plpgsql SECURITY DEFINER SET search_path = public, pg_temp AS $$
BEGIN
  UPDATE people SET totp_step = step, totp_since = coalesce(totp_since, now())
    WHERE people.id = asked AND totp_secret IS NOT NULL AND (totp_step IS NULL OR totp_step < step);
  RETURN FOUND;
END $$;
--> statement-breakpoint
CREATE FUNCTION drop_totp(asked uuid) RETURNS void
LANGUAGE plpgsql SECURITY DEFINER SET search_path = public, pg_temp AS $$
BEGIN
  UPDATE people SET totp_secret = NULL, totp_since = NULL, totp_step = NULL WHERE people.id = asked;
  DELETE FROM recovery_codes WHERE person_id = asked;
END $$;
--> statement-breakpoint
CREATE FUNCTION set_recovery_codes(asked uuid, hashes text[]) RETURNS void
LANGUAGE plpgsql SECURITY DEFINER SET search_path = public, pg_temp AS $$
BEGIN
  DELETE FROM recovery_codes WHERE person_id = asked;
  INSERT INTO recovery_codes (person_id, code_hash) SELECT asked, h FROM unnest(hashes) AS h;
END $$;
--> statement-breakpoint
CREATE FUNCTION take_recovery_code(asked uuid, hash text) RETURNS boolean
LANGUAGE plpgsql SECURITY DEFINER SET search_path = public, pg_temp AS $$
BEGIN
  UPDATE recovery_codes SET used_at = now() WHERE person_id = asked AND code_hash = hash AND used_at IS NULL;
  RETURN FOUND;
END $$;
--> statement-breakpoint
CREATE FUNCTION remember_browser(asked uuid, token text) RETURNS void
LANGUAGE plpgsql SECURITY DEFINER SET search_path = public, pg_temp AS $$
BEGIN
  DELETE FROM known_browsers WHERE seen_at < now() - interval '400 days';
  INSERT INTO known_browsers (token_hash, person_id) VALUES (token, asked)
    ON CONFLICT (token_hash) DO UPDATE SET seen_at = now(), person_id = excluded.person_id;
  -- The twenty latest of a person are enough.
  DELETE FROM known_browsers WHERE person_id = asked AND token_hash NOT IN
    (SELECT k.token_hash FROM known_browsers k WHERE k.person_id = asked ORDER BY k.seen_at DESC LIMIT 20);
END $$;
--> statement-breakpoint
CREATE FUNCTION is_known_browser(address text, token text) RETURNS boolean
LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp AS $$
  SELECT EXISTS (SELECT 1 FROM known_browsers k JOIN people p ON p.id = k.person_id
    WHERE k.token_hash = token AND p.email = address)
$$;
--> statement-breakpoint
-- Whoever sets a new password also forgets the browsers that the old one was used in.
CREATE OR REPLACE FUNCTION take_reset(token text, hash text) RETURNS uuid
LANGUAGE plpgsql SECURITY DEFINER SET search_path = public, pg_temp AS $$
DECLARE asked uuid;
BEGIN
  DELETE FROM password_links WHERE token_hash = token AND expires_at > now() RETURNING person_id INTO asked;
  IF asked IS NULL THEN RETURN NULL; END IF;
  UPDATE people SET password_hash = hash WHERE id = asked;
  DELETE FROM sessions WHERE person_id = asked;
  DELETE FROM known_browsers WHERE person_id = asked;
  RETURN asked;
END $$;
--> statement-breakpoint
-- As before, but: links for a new password that somebody else could read end with it, and a person founds no more than 20.
CREATE OR REPLACE FUNCTION found_workspace(asked uuid, called text) RETURNS TABLE (id uuid, made boolean)
LANGUAGE plpgsql SECURITY DEFINER SET search_path = public, pg_temp AS $$
DECLARE lonely uuid; fresh boolean := false;
BEGIN
  PERFORM 1 FROM people p WHERE p.id = asked FOR UPDATE;
  IF (SELECT count(*) FROM memberships m WHERE m.person_id = asked AND m.role = 'owner') >= 20 THEN RETURN; END IF;
  SELECT w.id INTO lonely FROM workspaces w
    WHERE NOT EXISTS (SELECT 1 FROM memberships m WHERE m.workspace_id = w.id) ORDER BY w.id LIMIT 1;
  IF lonely IS NULL THEN
    lonely := gen_random_uuid();
    fresh := true;
    INSERT INTO workspaces (id, name) VALUES (lonely, called);
  ELSE
    UPDATE workspaces w SET name = called WHERE w.id = lonely;
  END IF;
  INSERT INTO memberships (workspace_id, person_id, role) VALUES (lonely, asked, 'owner');
  DELETE FROM password_links l WHERE l.person_id = asked;
  PERFORM note_event('workspace-founded', jsonb_build_object('name', called), lonely, asked, '');
  RETURN QUERY SELECT lonely, fresh;
END $$;
--> statement-breakpoint
DO $$
DECLARE made regprocedure;
BEGIN
  FOR made IN SELECT p.oid::regprocedure FROM pg_proc p JOIN pg_namespace n ON n.oid = p.pronamespace
    WHERE n.nspname = 'public' AND p.prosecdef
  LOOP EXECUTE format('REVOKE ALL ON FUNCTION %s FROM PUBLIC', made); END LOOP;
END $$;
