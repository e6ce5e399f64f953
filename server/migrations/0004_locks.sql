-- A log whose row another call holds is not waited for long: its batch is answered as not stored now, the others go in.
ALTER FUNCTION append_events(text, text, boolean, jsonb) SET lock_timeout = '300ms';
--> statement-breakpoint
CREATE OR REPLACE FUNCTION append_batches(p_batches jsonb) RETURNS jsonb
LANGUAGE plpgsql AS $$
DECLARE
  v_batch jsonb;
  v_answers jsonb := '[]';
  v_answer jsonb;
  v_code text;
  v_detail text;
BEGIN
  FOR v_batch IN SELECT value FROM jsonb_array_elements(p_batches) LOOP
    BEGIN
      v_answer := append_events(v_batch ->> 'kind', v_batch ->> 'streamId', (v_batch ->> 'opens')::boolean, v_batch -> 'events');
    EXCEPTION WHEN SQLSTATE 'WX404' OR SQLSTATE 'WX409' OR unique_violation OR data_exception OR lock_not_available THEN
      GET STACKED DIAGNOSTICS v_code = RETURNED_SQLSTATE, v_detail = PG_EXCEPTION_DETAIL;
      v_answer := jsonb_build_object('code', v_code, 'detail', v_detail);
    END;
    v_answers := v_answers || jsonb_build_array(v_answer);
  END LOOP;
  RETURN v_answers;
END $$;
