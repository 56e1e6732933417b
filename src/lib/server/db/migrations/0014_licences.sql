ALTER TABLE "memberships" ADD COLUMN "licence" jsonb;--> statement-breakpoint
-- Until now whatever stood in the settings counted for everybody. It was the owners who wrote it: theirs it is.
UPDATE memberships m SET licence = jsonb_build_object(
    'category', 'as before', 'number', w.settings->'licence'->>'number',
    'by', COALESCE(NULLIF(w.settings->'licence'->>'holder', ''), 'as before'), 'until', w.settings->'licence'->'until')
  FROM workspaces w
  WHERE w.id = m.workspace_id AND m.role = 'owner' AND COALESCE(w.settings->'licence'->>'number', '') <> '';
--> statement-breakpoint
-- As before, and the licence of the member.
CREATE OR REPLACE FUNCTION who_asks(token text) RETURNS jsonb
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
      'role', member.role, 'licence', member.licence, 'settings', place.settings, 'settingsRevision', place.settings_revision,
      'zone', (SELECT p.time_zone FROM properties p WHERE p.workspace_id = place.id ORDER BY p.id LIMIT 1)) END);
END $$;
