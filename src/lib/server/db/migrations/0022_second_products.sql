-- A second product of a tank was said in the answer of Mix; it is a treatment that shares the tank. Also run after an import.
CREATE FUNCTION second_products_as_treatments() RETURNS void LANGUAGE plpgsql SET search_path = public, pg_temp AS $$
DECLARE
  mix record;
  next_number smallint;
  next_position smallint;
  answer jsonb;
  chosen jsonb;
BEGIN
  FOR mix IN
    SELECT s.workspace_id, s.case_id, s.treatment, s.go, s.body, s.body_version, s.saved_at, s.saved_by FROM case_stops s
      LEFT JOIN treatments t ON t.workspace_id = s.workspace_id AND t.case_id = s.case_id AND t.number = s.treatment
      WHERE s.stop = 'mix' AND jsonb_typeof(s.body->'partner') = 'object' AND s.go = coalesce(t.go, 1)
      ORDER BY s.workspace_id, s.case_id, s.treatment
  LOOP
    INSERT INTO treatments (workspace_id, case_id, number, position, state, only_if, go, added_at, added_by)
      SELECT mix.workspace_id, mix.case_id, 1, 0, 'planned', '', 1, mix.saved_at, mix.saved_by
      WHERE NOT EXISTS (SELECT 1 FROM treatments t WHERE t.workspace_id = mix.workspace_id AND t.case_id = mix.case_id);
    SELECT max(number) + 1, max(position) + 1 INTO next_number, next_position FROM treatments t
      WHERE t.workspace_id = mix.workspace_id AND t.case_id = mix.case_id;
    CONTINUE WHEN next_number > 99;
    INSERT INTO treatments (workspace_id, case_id, number, position, state, only_if, go, added_at, added_by)
      VALUES (mix.workspace_id, mix.case_id, next_number, next_position, 'planned', '', 1, mix.saved_at, mix.saved_by);
    chosen := jsonb_build_object('label', mix.body->'partner'->'label', 'reason', '', 'wishes', '[]'::jsonb, 'budget', NULL);
    answer := (mix.body - 'partner') || jsonb_build_object(
      'rate', mix.body->'partner'->'rate', 'severity', NULL, 'lot', NULL, 'carryOver', NULL, 'carriedOn', NULL,
      'shared', jsonb_build_object('with', mix.treatment, 'jarOn', mix.body->'partner'->'jarOn',
        'jarBy', mix.body->'partner'->'jarBy', 'jarResult', mix.body->'partner'->'jarResult'));
    INSERT INTO case_stops (workspace_id, case_id, stop, treatment, go, body, body_version, revision, upstream, saved_at, saved_by)
      VALUES
        (mix.workspace_id, mix.case_id, 'choose', next_number, 1, chosen, mix.body_version, 1, '{}', mix.saved_at, mix.saved_by),
        (mix.workspace_id, mix.case_id, 'mix', next_number, 1, answer, mix.body_version, 1, '{"choose": 1}', mix.saved_at, mix.saved_by);
    INSERT INTO case_stop_history (workspace_id, case_id, stop, treatment, go, revision, body, body_version, saved_at, saved_by)
      SELECT workspace_id, case_id, stop, treatment, go, revision, body, body_version, saved_at, saved_by FROM case_stops s
      WHERE s.workspace_id = mix.workspace_id AND s.case_id = mix.case_id AND s.treatment = next_number;
    UPDATE case_stops s SET body = s.body - 'partner'
      WHERE s.workspace_id = mix.workspace_id AND s.case_id = mix.case_id AND s.stop = 'mix'
        AND s.treatment = mix.treatment AND s.go = mix.go;
  END LOOP;
END $$;
--> statement-breakpoint
SELECT second_products_as_treatments();
