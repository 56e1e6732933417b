INSERT INTO installation (id, mode, opens_on, first_started_at, sign_in)
  SELECT 1, mode, opens_on, first_started_at, 'not-yet' FROM workspaces ORDER BY first_started_at LIMIT 1;
--> statement-breakpoint
INSERT INTO case_stop_history (workspace_id, case_id, stop, revision, body, saved_at, saved_by)
  SELECT workspace_id, case_id, stop, revision, body, saved_at, saved_by FROM case_stops;
--> statement-breakpoint
CREATE FUNCTION here() RETURNS uuid LANGUAGE sql STABLE PARALLEL SAFE AS
$$ SELECT nullif(current_setting('nimsy.workspace', true), '')::uuid $$;
--> statement-breakpoint
-- Every table that carries a workspace is kept to the one of the transaction.
DO $$
DECLARE kept record;
BEGIN
  FOR kept IN
    SELECT c.relname AS name, CASE c.relname WHEN 'workspaces' THEN 'id' ELSE 'workspace_id' END AS part
    FROM pg_class c JOIN pg_namespace n ON n.oid = c.relnamespace
    WHERE n.nspname = 'public' AND c.relkind = 'r' AND c.relname <> 'tombstones' AND c.relname <> 'sessions'
      AND (c.relname = 'workspaces' OR EXISTS (
        SELECT 1 FROM pg_attribute a WHERE a.attrelid = c.oid AND a.attname = 'workspace_id' AND NOT a.attisdropped))
  LOOP
    EXECUTE format('ALTER TABLE %I ENABLE ROW LEVEL SECURITY', kept.name);
    EXECUTE format('CREATE POLICY kept_apart ON %I USING (%I = (SELECT here())) WITH CHECK (%I = (SELECT here()))',
      kept.name, kept.part, kept.part);
  END LOOP;
END $$;
--> statement-breakpoint
-- Records change by no right and no trick; only the owner's own procedure for removing may delete.
CREATE OR REPLACE FUNCTION refuse_record_change() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  IF TG_OP = 'DELETE' AND current_setting('nimsy.removing', true) = 'yes'
    AND current_user = (SELECT pg_get_userbyid(relowner) FROM pg_class WHERE oid = TG_RELID) THEN
    RETURN OLD;
  END IF;
  RAISE EXCEPTION 'records are append-only: log a correction that names the old one' USING ERRCODE = 'raise_exception';
END $$;
--> statement-breakpoint
CREATE TRIGGER history_never_changes BEFORE UPDATE ON case_stop_history FOR EACH ROW EXECUTE FUNCTION refuse_record_change();
--> statement-breakpoint
CREATE FUNCTION best_membership(asked uuid, wished uuid) RETURNS memberships
LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp AS $$
  SELECT m FROM memberships m WHERE m.person_id = asked
  ORDER BY (m.workspace_id IS NOT DISTINCT FROM wished) DESC, m.since, m.workspace_id LIMIT 1
$$;
--> statement-breakpoint
-- Who asks: the installation, the person of the session (or the only one), the workspace and the role in it.
CREATE FUNCTION who_asks(token text) RETURNS jsonb
LANGUAGE plpgsql SECURITY DEFINER SET search_path = public, pg_temp AS $$
DECLARE house installation; asker people; wished uuid; member memberships; place workspaces;
BEGIN
  SELECT * INTO house FROM installation WHERE id = 1;
  IF house.sign_in = 'only-me' THEN
    SELECT * INTO asker FROM people ORDER BY made_at LIMIT 1;
  ELSIF token IS NOT NULL THEN
    SELECT s.person_id, s.workspace_id INTO asker.id, wished FROM sessions s
      WHERE s.token_hash = token AND s.expires_at > now();
    IF asker.id IS NOT NULL THEN
      SELECT * INTO asker FROM people WHERE id = asker.id;
      UPDATE sessions SET seen_at = now(), expires_at = now() + interval '30 days'
        WHERE token_hash = token AND seen_at < now() - interval '1 hour';
    END IF;
  END IF;
  IF asker.id IS NOT NULL THEN
    member := best_membership(asker.id, wished);
    SELECT * INTO place FROM workspaces WHERE id = member.workspace_id;
  END IF;
  RETURN jsonb_build_object(
    'mode', house.mode, 'opensOn', house.opens_on, 'firstStartedAt', house.first_started_at, 'signIn', house.sign_in,
    'person', CASE WHEN asker.id IS NULL THEN NULL ELSE jsonb_build_object('id', asker.id, 'name', asker.name, 'email', asker.email) END,
    'workspace', CASE WHEN place.id IS NULL THEN NULL ELSE jsonb_build_object('id', place.id, 'name', place.name,
      'role', member.role, 'settings', place.settings, 'settingsRevision', place.settings_revision) END);
END $$;
--> statement-breakpoint
CREATE FUNCTION sign_in_lookup(address text) RETURNS TABLE (id uuid, password_hash text)
LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp AS
$$ SELECT p.id, p.password_hash FROM people p WHERE p.email = address $$;
--> statement-breakpoint
CREATE FUNCTION password_of(asked uuid) RETURNS text
LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp AS
$$ SELECT p.password_hash FROM people p WHERE p.id = asked $$;
--> statement-breakpoint
CREATE FUNCTION open_session(asked uuid, token text) RETURNS void
LANGUAGE plpgsql SECURITY DEFINER SET search_path = public, pg_temp AS $$
BEGIN
  DELETE FROM sessions WHERE expires_at < now();
  INSERT INTO sessions (token_hash, person_id, workspace_id, expires_at)
  SELECT token, asked, (SELECT s.workspace_id FROM sessions s WHERE s.person_id = asked ORDER BY s.seen_at DESC LIMIT 1),
    now() + interval '30 days';
END $$;
--> statement-breakpoint
CREATE FUNCTION end_session(token text) RETURNS void
LANGUAGE sql SECURITY DEFINER SET search_path = public, pg_temp AS
$$ DELETE FROM sessions WHERE token_hash = token $$;
--> statement-breakpoint
-- All sessions of a person but the one that is named (null: all). Returns how many ended.
CREATE FUNCTION end_sessions(asked uuid, but text) RETURNS integer
LANGUAGE plpgsql SECURITY DEFINER SET search_path = public, pg_temp AS $$
DECLARE ended integer;
BEGIN
  DELETE FROM sessions WHERE person_id = asked AND token_hash IS DISTINCT FROM but;
  GET DIAGNOSTICS ended = ROW_COUNT;
  RETURN ended;
END $$;
--> statement-breakpoint
CREATE FUNCTION workspaces_of(asked uuid) RETURNS TABLE (id uuid, name text, role text)
LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp AS $$
  SELECT w.id, w.name, m.role FROM memberships m JOIN workspaces w ON w.id = m.workspace_id
  WHERE m.person_id = asked ORDER BY w.name, w.id
$$;
--> statement-breakpoint
CREATE FUNCTION choose_workspace(asked uuid, token text, wished uuid) RETURNS boolean
LANGUAGE plpgsql SECURITY DEFINER SET search_path = public, pg_temp AS $$
BEGIN
  UPDATE sessions SET workspace_id = wished WHERE token_hash = token AND person_id = asked
    AND EXISTS (SELECT 1 FROM memberships m WHERE m.person_id = asked AND m.workspace_id = wished);
  RETURN FOUND;
END $$;
--> statement-breakpoint
CREATE FUNCTION new_person(address text, full_name text, hash text) RETURNS uuid
LANGUAGE sql SECURITY DEFINER SET search_path = public, pg_temp AS $$
  INSERT INTO people (email, name, password_hash) VALUES (address, full_name, hash)
  ON CONFLICT (email) DO NOTHING RETURNING id
$$;
--> statement-breakpoint
CREATE FUNCTION set_password(asked uuid, hash text) RETURNS void
LANGUAGE plpgsql SECURITY DEFINER SET search_path = public, pg_temp AS $$
BEGIN
  UPDATE people SET password_hash = hash WHERE id = asked;
  DELETE FROM password_links WHERE person_id = asked;
END $$;
--> statement-breakpoint
-- A link that sets a new password. Returns the workspace whose owners may read it: the only one of the person, or one
-- that the person owns; nobody else's owner may take over a person who also works elsewhere. Null: told to nobody.
CREATE FUNCTION start_reset(address text, token text) RETURNS TABLE (person_id uuid, name text, told_to uuid)
LANGUAGE plpgsql SECURITY DEFINER SET search_path = public, pg_temp AS $$
DECLARE asked people;
BEGIN
  SELECT * INTO asked FROM people p WHERE p.email = address;
  IF asked.id IS NULL THEN RETURN; END IF;
  DELETE FROM password_links l WHERE l.person_id = asked.id OR l.expires_at < now();
  INSERT INTO password_links (token_hash, person_id, expires_at) VALUES (token, asked.id, now() + interval '1 hour');
  RETURN QUERY SELECT asked.id, asked.name, (
    SELECT m.workspace_id FROM memberships m WHERE m.person_id = asked.id
      AND ((SELECT count(*) FROM memberships o WHERE o.person_id = asked.id) = 1
        OR (m.role = 'owner' AND NOT EXISTS (SELECT 1 FROM memberships x
          WHERE x.workspace_id = m.workspace_id AND x.role = 'owner' AND x.person_id <> asked.id)))
    ORDER BY m.since LIMIT 1);
END $$;
--> statement-breakpoint
CREATE FUNCTION take_reset(token text, hash text) RETURNS uuid
LANGUAGE plpgsql SECURITY DEFINER SET search_path = public, pg_temp AS $$
DECLARE asked uuid;
BEGIN
  DELETE FROM password_links WHERE token_hash = token AND expires_at > now() RETURNING person_id INTO asked;
  IF asked IS NULL THEN RETURN NULL; END IF;
  UPDATE people SET password_hash = hash WHERE id = asked;
  DELETE FROM sessions WHERE person_id = asked;
  RETURN asked;
END $$;
--> statement-breakpoint
CREATE FUNCTION reset_is_good(token text) RETURNS boolean
LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp AS
$$ SELECT EXISTS (SELECT 1 FROM password_links WHERE token_hash = token AND expires_at > now()) $$;
--> statement-breakpoint
CREATE FUNCTION invitation_of(token text) RETURNS TABLE (workspace text, role text, email text, by text)
LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp AS $$
  SELECT w.name, i.role, i.email, i.by FROM invitations i JOIN workspaces w ON w.id = i.workspace_id
  WHERE i.token_hash = token AND i.expires_at > now()
$$;
--> statement-breakpoint
CREATE FUNCTION accept_invitation(token text, asked uuid) RETURNS uuid
LANGUAGE plpgsql SECURITY DEFINER SET search_path = public, pg_temp AS $$
DECLARE taken invitations;
BEGIN
  DELETE FROM invitations WHERE token_hash = token AND expires_at > now() RETURNING * INTO taken;
  IF taken.id IS NULL THEN RETURN NULL; END IF;
  INSERT INTO memberships (workspace_id, person_id, role) VALUES (taken.workspace_id, asked, taken.role)
    ON CONFLICT (workspace_id, person_id) DO NOTHING;
  -- A reset that the owners of the first workspace can read must not open the second one.
  DELETE FROM password_links WHERE person_id = asked;
  UPDATE sessions SET workspace_id = taken.workspace_id WHERE person_id = asked;
  RETURN taken.workspace_id;
END $$;
--> statement-breakpoint
-- A new workspace with its first owner. One that has no members yet is taken over instead.
CREATE FUNCTION found_workspace(asked uuid, called text) RETURNS TABLE (id uuid, made boolean)
LANGUAGE plpgsql SECURITY DEFINER SET search_path = public, pg_temp AS $$
DECLARE lonely uuid; fresh boolean := false;
BEGIN
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
  RETURN QUERY SELECT lonely, fresh;
END $$;
--> statement-breakpoint
-- The first person of an installation, once: with sign-in, or alone on this machine (no password).
CREATE FUNCTION first_person(address text, full_name text, hash text) RETURNS uuid
LANGUAGE plpgsql SECURITY DEFINER SET search_path = public, pg_temp AS $$
DECLARE asked uuid;
BEGIN
  UPDATE installation SET sign_in = CASE WHEN hash IS NULL THEN 'only-me' ELSE 'people' END
    WHERE installation.id = 1 AND sign_in = 'not-yet';
  IF NOT FOUND THEN RETURN NULL; END IF;
  INSERT INTO people (email, name, password_hash) VALUES (address, full_name, hash) RETURNING people.id INTO asked;
  RETURN asked;
END $$;
--> statement-breakpoint
-- From "only me" to sign-in: the one person gets an address and a password.
CREATE FUNCTION begin_sign_in(asked uuid, address text, hash text) RETURNS boolean
LANGUAGE plpgsql SECURITY DEFINER SET search_path = public, pg_temp AS $$
BEGIN
  UPDATE installation SET sign_in = 'people' WHERE installation.id = 1 AND sign_in = 'only-me';
  IF NOT FOUND THEN RETURN false; END IF;
  UPDATE people SET email = address, password_hash = hash WHERE people.id = asked;
  RETURN true;
END $$;
--> statement-breakpoint
CREATE FUNCTION share_of(token text) RETURNS TABLE (workspace_id uuid, kind text, case_id uuid, record_id uuid, expires_at timestamptz)
LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp AS $$
  SELECT s.workspace_id, s.kind, s.case_id, s.record_id, s.expires_at FROM shared_links s
  WHERE s.token_hash = token AND s.revoked_at IS NULL AND s.expires_at > now()
$$;
--> statement-breakpoint
-- Counts an attempt; false once there were more than `most` within the window.
CREATE FUNCTION attempt(what text, most integer, seconds integer) RETURNS boolean
LANGUAGE plpgsql SECURITY DEFINER SET search_path = public, pg_temp AS $$
DECLARE so_far integer;
BEGIN
  INSERT INTO attempts (key, count, until) VALUES (what, 1, now() + make_interval(secs => seconds))
  ON CONFLICT (key) DO UPDATE SET
    count = CASE WHEN attempts.until < now() THEN 1 ELSE attempts.count + 1 END,
    until = CASE WHEN attempts.until < now() THEN excluded.until ELSE attempts.until END
  RETURNING count INTO so_far;
  IF so_far = 1 THEN DELETE FROM attempts WHERE until < now() - interval '1 day'; END IF;
  RETURN so_far <= most;
END $$;
--> statement-breakpoint
CREATE FUNCTION forget_attempts(what text) RETURNS void
LANGUAGE sql SECURITY DEFINER SET search_path = public, pg_temp AS
$$ DELETE FROM attempts WHERE key = what $$;
--> statement-breakpoint
CREATE FUNCTION members_here() RETURNS TABLE (id uuid, name text, email text, role text, since timestamptz)
LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp AS $$
  SELECT p.id, p.name, p.email, m.role, m.since FROM memberships m JOIN people p ON p.id = m.person_id
  WHERE m.workspace_id = here() ORDER BY m.since, p.name
$$;
--> statement-breakpoint
CREATE INDEX cases_found ON cases USING gin (to_tsvector('simple', title));
--> statement-breakpoint
CREATE INDEX properties_found ON properties USING gin (to_tsvector('simple', name || ' ' || address));
--> statement-breakpoint
CREATE INDEX customers_found ON customers USING gin (to_tsvector('simple', name || ' ' || contact));
--> statement-breakpoint
-- Search runs past row-level security, so that the text indexes serve it, and keeps to the workspace itself.
CREATE FUNCTION find_anything(asked text, most integer) RETURNS TABLE (kind text, key text, title text, detail text)
LANGUAGE plpgsql STABLE SECURITY DEFINER SET search_path = public, pg_temp AS $$
DECLARE wanted tsquery; words text;
BEGIN
  SELECT string_agg(w || ':*', ' & ') INTO words
    FROM (SELECT w FROM regexp_split_to_table(lower(left(asked, 200)), '[^[:alnum:]]+') w WHERE w <> '' LIMIT 8) AS w;
  IF words IS NULL OR here() IS NULL THEN RETURN; END IF;
  wanted := to_tsquery('simple', words);
  RETURN QUERY
    (SELECT 'case', c.number::text, c.title, p.name FROM cases c
      JOIN properties p ON p.workspace_id = c.workspace_id AND p.id = c.property_id
      WHERE c.workspace_id = here() AND to_tsvector('simple', c.title) @@ wanted ORDER BY c.number DESC LIMIT most)
    UNION ALL
    (SELECT 'property', p.id::text, p.name, p.address FROM properties p
      WHERE p.workspace_id = here() AND to_tsvector('simple', p.name || ' ' || p.address) @@ wanted ORDER BY p.name LIMIT most)
    UNION ALL
    (SELECT 'customer', k.id::text, k.name, k.contact FROM customers k
      WHERE k.workspace_id = here() AND to_tsvector('simple', k.name || ' ' || k.contact) @@ wanted ORDER BY k.name LIMIT most)
    UNION ALL
    (SELECT DISTINCT 'label', l.label_id, l.card->>'name', l.card->>'form' FROM labels l
      WHERE l.workspace_id = here() AND to_tsvector('simple', l.card->>'name') @@ wanted LIMIT most);
END $$;
--> statement-breakpoint
CREATE FUNCTION owns_here(asked uuid) RETURNS boolean
LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp AS
$$ SELECT EXISTS (SELECT 1 FROM memberships m WHERE m.workspace_id = here() AND m.person_id = asked AND m.role = 'owner') $$;
--> statement-breakpoint
-- Deletes the workspace of the transaction: by its owner, with its name typed, after an export of its present state.
CREATE FUNCTION remove_workspace(asked uuid, typed text, checksum_now text, last_hash text) RETURNS text
LANGUAGE plpgsql SECURITY DEFINER SET search_path = public, pg_temp AS $$
DECLARE place workspaces; who text; kept text; many integer;
BEGIN
  SELECT * INTO place FROM workspaces WHERE id = here() FOR UPDATE;
  IF place.id IS NULL OR NOT owns_here(asked) THEN RETURN 'not-owner'; END IF;
  IF place.name <> typed THEN RETURN 'name-differs'; END IF;
  IF NOT EXISTS (SELECT 1 FROM exports e WHERE e.workspace_id = place.id AND e.checksum = checksum_now
    AND e.at > now() - interval '1 hour') THEN RETURN 'no-export'; END IF;
  SELECT name INTO who FROM people WHERE id = asked;
  SELECT count(*) INTO many FROM records WHERE workspace_id = place.id;
  PERFORM set_config('nimsy.removing', 'yes', true);
  FOREACH kept IN ARRAY ARRAY['shared_links', 'settlements', 'case_stop_history', 'case_stops', 'records', 'cases',
    'properties', 'customers', 'containers', 'labels', 'equipment', 'outbox', 'exports', 'invitations', 'memberships']
  LOOP EXECUTE format('DELETE FROM %I WHERE workspace_id = $1', kept) USING place.id; END LOOP;
  UPDATE sessions SET workspace_id = NULL WHERE workspace_id = place.id;
  DELETE FROM workspaces WHERE id = place.id;
  PERFORM set_config('nimsy.removing', 'no', true);
  INSERT INTO tombstones (what, workspace_id, name, by, records, last_record_hash, export_checksum)
    VALUES ('workspace', place.id, place.name, who, many, last_hash, checksum_now);
  RETURN 'removed';
END $$;
--> statement-breakpoint
-- Deletes records of work done before a day, past the years that the workspace keeps them; the same conditions hold.
CREATE FUNCTION prune_records(asked uuid, typed text, before date, checksum_now text, last_hash text) RETURNS text
LANGUAGE plpgsql SECURITY DEFINER SET search_path = public, pg_temp AS $$
DECLARE place workspaces; who text; many integer;
BEGIN
  SELECT * INTO place FROM workspaces WHERE id = here() FOR UPDATE;
  IF place.id IS NULL OR NOT owns_here(asked) THEN RETURN 'not-owner'; END IF;
  IF place.name <> typed THEN RETURN 'name-differs'; END IF;
  IF NOT EXISTS (SELECT 1 FROM exports e WHERE e.workspace_id = place.id AND e.checksum = checksum_now
    AND e.at > now() - interval '1 hour') THEN RETURN 'no-export'; END IF;
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
    VALUES ('records', place.id, place.name, who, many, last_hash, checksum_now);
  RETURN 'removed';
END $$;
--> statement-breakpoint
CREATE FUNCTION tombstones_here() RETURNS TABLE (what text, name text, at timestamptz, by text, records integer, last_record_hash text)
LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp AS $$
  SELECT t.what, t.name, t.at, t.by, t.records, t.last_record_hash FROM tombstones t WHERE t.workspace_id = here() ORDER BY t.at DESC
$$;
--> statement-breakpoint
-- Nobody may call these but the application's role, which is granted them after each migration.
DO $$
DECLARE made regprocedure;
BEGIN
  FOR made IN SELECT p.oid::regprocedure FROM pg_proc p JOIN pg_namespace n ON n.oid = p.pronamespace
    WHERE n.nspname = 'public' AND p.prosecdef
  LOOP EXECUTE format('REVOKE ALL ON FUNCTION %s FROM PUBLIC', made); END LOOP;
END $$;
