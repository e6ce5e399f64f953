-- Append events to a stream in one round trip: in order, once each, without gaps in their places.
-- The stream's row is locked until the commit, so that places are given in the order of arrival. An id that is stored
-- already is answered with its old place. Errors: WX404 no such stream; WX409 an id stands for something else, its
-- place in the batch (from 0) as the detail.
-- The usual batch, nothing of it known, takes the short way and is answered with its first place; the caller counts on.
-- Sequential scans are off: a plan made while the table was small would read all of it when it is large.
CREATE FUNCTION append_events(p_kind text, p_stream text, p_opens boolean, p_events jsonb) RETURNS jsonb
LANGUAGE plpgsql SET enable_seqscan = off AS $$
DECLARE
  v_ids uuid[] := ARRAY(SELECT (e ->> 'id')::uuid FROM jsonb_array_elements(p_events) AS e);
  v_kind text;
  v_last integer;
  v_clash integer;
  v_fresh integer;
BEGIN
  IF p_opens THEN
    INSERT INTO streams (id, kind) VALUES (p_stream, p_kind) ON CONFLICT DO NOTHING;
  END IF;
  SELECT kind, last_seq INTO v_kind, v_last FROM streams WHERE id = p_stream FOR UPDATE;
  IF v_kind IS DISTINCT FROM p_kind THEN
    RAISE EXCEPTION 'no such stream' USING ERRCODE = 'WX404';
  END IF;

  IF NOT EXISTS (SELECT 1 FROM events WHERE id = ANY (v_ids))
    AND (SELECT count(DISTINCT id) FROM unnest(v_ids) AS id) = cardinality(v_ids) THEN
    INSERT INTO events (id, stream_id, seq, type, version, at, "by", data)
    SELECT (e ->> 'id')::uuid, p_stream, v_last + ord, e ->> 'type', (e ->> 'version')::integer, e ->> 'at', e ->> 'by', e -> 'data'
    FROM jsonb_array_elements(p_events) WITH ORDINALITY AS list (e, ord);
    UPDATE streams SET last_seq = v_last + cardinality(v_ids) WHERE id = p_stream;
    RETURN jsonb_build_object('lastSeq', v_last + cardinality(v_ids), 'first', v_last + 1);
  END IF;

  WITH sent AS (
    SELECT (e ->> 'id')::uuid AS id, e - 'id' AS body, (ord - 1)::integer AS place
    FROM jsonb_array_elements(p_events) WITH ORDINALITY AS list (e, ord)
  )
  SELECT min(s.place) INTO v_clash
  FROM sent s
  LEFT JOIN events x ON x.id = s.id
  WHERE (x.id IS NOT NULL AND (x.stream_id <> p_stream OR s.body <> jsonb_build_object(
      'type', x.type, 'version', x.version, 'at', x.at, 'by', x."by", 'data', x.data)))
    OR EXISTS (SELECT 1 FROM sent o WHERE o.id = s.id AND o.place < s.place AND o.body <> s.body);
  IF v_clash IS NOT NULL THEN
    RAISE EXCEPTION 'id taken' USING ERRCODE = 'WX409', DETAIL = v_clash::text;
  END IF;

  WITH sent AS (
    SELECT DISTINCT ON (e ->> 'id') e, ord
    FROM jsonb_array_elements(p_events) WITH ORDINALITY AS list (e, ord)
    ORDER BY e ->> 'id', ord
  ), fresh AS (
    SELECT e, row_number() OVER (ORDER BY ord) AS n
    FROM sent
    WHERE NOT EXISTS (SELECT 1 FROM events x WHERE x.id = (e ->> 'id')::uuid)
  )
  INSERT INTO events (id, stream_id, seq, type, version, at, "by", data)
  SELECT (e ->> 'id')::uuid, p_stream, v_last + n, e ->> 'type', (e ->> 'version')::integer, e ->> 'at', e ->> 'by', e -> 'data'
  FROM fresh;
  GET DIAGNOSTICS v_fresh = ROW_COUNT;
  IF v_fresh > 0 THEN
    UPDATE streams SET last_seq = v_last + v_fresh WHERE id = p_stream;
  END IF;

  RETURN jsonb_build_object('lastSeq', v_last + v_fresh, 'accepted', (
    SELECT jsonb_agg(jsonb_build_object('id', x.id, 'seq', x.seq) ORDER BY ord)
    FROM jsonb_array_elements(p_events) WITH ORDINALITY AS list (e, ord)
    JOIN events x ON x.id = (e ->> 'id')::uuid));
END $$;
--> statement-breakpoint
-- Append to several streams in one round trip and one commit, each batch for itself: one that is refused changes nothing
-- and is answered with its code, the others stand. The caller gives them in the order of their streams, so that two that
-- do so never wait for each other.
CREATE FUNCTION append_batches(p_batches jsonb) RETURNS jsonb
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
    EXCEPTION WHEN SQLSTATE 'WX404' OR SQLSTATE 'WX409' OR unique_violation OR data_exception THEN
      GET STACKED DIAGNOSTICS v_code = RETURNED_SQLSTATE, v_detail = PG_EXCEPTION_DETAIL;
      v_answer := jsonb_build_object('code', v_code, 'detail', v_detail);
    END;
    v_answers := v_answers || jsonb_build_array(v_answer);
  END LOOP;
  RETURN v_answers;
END $$;
