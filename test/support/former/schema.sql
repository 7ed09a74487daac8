SET statement_timeout = 0;
SET lock_timeout = 0;
SET idle_in_transaction_session_timeout = 0;
SET client_encoding = 'UTF8';
SET standard_conforming_strings = on;
SET check_function_bodies = false;
SET xmloption = content;
SET client_min_messages = warning;
SET row_security = off;
CREATE FUNCTION public.que_validate_tags(tags_array jsonb) RETURNS boolean
    LANGUAGE sql
    AS $$
  SELECT bool_and(
    jsonb_typeof(value) = 'string'
    AND
    char_length(value::text) <= 100
  )
  FROM jsonb_array_elements(tags_array)
$$;
SET default_tablespace = '';
SET default_table_access_method = heap;
CREATE TABLE public.que_jobs (
    priority smallint DEFAULT 100 NOT NULL,
    run_at timestamp with time zone DEFAULT now() NOT NULL,
    id bigint NOT NULL,
    job_class text NOT NULL,
    error_count integer DEFAULT 0 NOT NULL,
    last_error_message text,
    queue text DEFAULT 'default'::text NOT NULL,
    last_error_backtrace text,
    finished_at timestamp with time zone,
    expired_at timestamp with time zone,
    args jsonb DEFAULT '[]'::jsonb NOT NULL,
    data jsonb DEFAULT '{}'::jsonb NOT NULL,
    job_schema_version integer NOT NULL,
    kwargs jsonb DEFAULT '{}'::jsonb NOT NULL,
    CONSTRAINT error_length CHECK (((char_length(last_error_message) <= 500) AND (char_length(last_error_backtrace) <= 10000))),
    CONSTRAINT job_class_length CHECK ((char_length(
CASE job_class
    WHEN 'ActiveJob::QueueAdapters::QueAdapter::JobWrapper'::text THEN ((args -> 0) ->> 'job_class'::text)
    ELSE job_class
END) <= 200)),
    CONSTRAINT queue_length CHECK ((char_length(queue) <= 100)),
    CONSTRAINT valid_args CHECK ((jsonb_typeof(args) = 'array'::text)),
    CONSTRAINT valid_data CHECK (((jsonb_typeof(data) = 'object'::text) AND ((NOT (data ? 'tags'::text)) OR ((jsonb_typeof((data -> 'tags'::text)) = 'array'::text) AND (jsonb_array_length((data -> 'tags'::text)) <= 5) AND public.que_validate_tags((data -> 'tags'::text))))))
)
WITH (fillfactor='90');
COMMENT ON TABLE public.que_jobs IS '7';
CREATE FUNCTION public.que_determine_job_state(job public.que_jobs) RETURNS text
    LANGUAGE sql
    AS $$
  SELECT
    CASE
    WHEN job.expired_at  IS NOT NULL    THEN 'expired'
    WHEN job.finished_at IS NOT NULL    THEN 'finished'
    WHEN job.error_count > 0            THEN 'errored'
    WHEN job.run_at > CURRENT_TIMESTAMP THEN 'scheduled'
    ELSE                                     'ready'
    END
$$;
CREATE FUNCTION public.que_job_notify() RETURNS trigger
    LANGUAGE plpgsql
    AS $$
  DECLARE
    locker_pid integer;
    sort_key json;
  BEGIN
    -- Don't do anything if the job is scheduled for a future time.
    IF NEW.run_at IS NOT NULL AND NEW.run_at > now() THEN
      RETURN null;
    END IF;
    -- Pick a locker to notify of the job's insertion, weighted by their number
    -- of workers. Should bounce pseudorandomly between lockers on each
    -- invocation, hence the md5-ordering, but still touch each one equally,
    -- hence the modulo using the job_id.
    SELECT pid
    INTO locker_pid
    FROM (
      SELECT *, last_value(row_number) OVER () + 1 AS count
      FROM (
        SELECT *, row_number() OVER () - 1 AS row_number
        FROM (
          SELECT *
          FROM public.que_lockers ql, generate_series(1, ql.worker_count) AS id
          WHERE
            listening AND
            queues @> ARRAY[NEW.queue] AND
            ql.job_schema_version = NEW.job_schema_version
          ORDER BY md5(pid::text || id::text)
        ) t1
      ) t2
    ) t3
    WHERE NEW.id % count = row_number;
    IF locker_pid IS NOT NULL THEN
      -- There's a size limit to what can be broadcast via LISTEN/NOTIFY, so
      -- rather than throw errors when someone enqueues a big job, just
      -- broadcast the most pertinent information, and let the locker query for
      -- the record after it's taken the lock. The worker will have to hit the
      -- DB in order to make sure the job is still visible anyway.
      SELECT row_to_json(t)
      INTO sort_key
      FROM (
        SELECT
          'job_available' AS message_type,
          NEW.queue       AS queue,
          NEW.priority    AS priority,
          NEW.id          AS id,
          -- Make sure we output timestamps as UTC ISO 8601
          to_char(NEW.run_at AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.US"Z"') AS run_at
      ) t;
      PERFORM pg_notify('que_listener_' || locker_pid::text, sort_key::text);
    END IF;
    RETURN null;
  END
$$;
CREATE FUNCTION public.que_state_notify() RETURNS trigger
    LANGUAGE plpgsql
    AS $$
  DECLARE
    row record;
    message json;
    previous_state text;
    current_state text;
  BEGIN
    IF TG_OP = 'INSERT' THEN
      previous_state := 'nonexistent';
      current_state  := public.que_determine_job_state(NEW);
      row            := NEW;
    ELSIF TG_OP = 'DELETE' THEN
      previous_state := public.que_determine_job_state(OLD);
      current_state  := 'nonexistent';
      row            := OLD;
    ELSIF TG_OP = 'UPDATE' THEN
      previous_state := public.que_determine_job_state(OLD);
      current_state  := public.que_determine_job_state(NEW);
      -- If the state didn't change, short-circuit.
      IF previous_state = current_state THEN
        RETURN null;
      END IF;
      row := NEW;
    ELSE
      RAISE EXCEPTION 'Unrecognized TG_OP: %', TG_OP;
    END IF;
    SELECT row_to_json(t)
    INTO message
    FROM (
      SELECT
        'job_change' AS message_type,
        row.id       AS id,
        row.queue    AS queue,
        coalesce(row.data->'tags', '[]'::jsonb) AS tags,
        to_char(row.run_at AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.US"Z"') AS run_at,
        to_char(now()      AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.US"Z"') AS time,
        CASE row.job_class
        WHEN 'ActiveJob::QueueAdapters::QueAdapter::JobWrapper' THEN
          coalesce(
            row.args->0->>'job_class',
            'ActiveJob::QueueAdapters::QueAdapter::JobWrapper'
          )
        ELSE
          row.job_class
        END AS job_class,
        previous_state AS previous_state,
        current_state  AS current_state
    ) t;
    PERFORM pg_notify('que_state', message::text);
    RETURN null;
  END
$$;
CREATE TABLE public.accounts (
    id bigint NOT NULL,
    name character varying(60) NOT NULL,
    passphrase character varying(60) NOT NULL,
    created_at timestamp(6) without time zone NOT NULL,
    updated_at timestamp(6) without time zone NOT NULL,
    CONSTRAINT accounts_name_is_not_blank CHECK ((length(TRIM(BOTH FROM name)) > 0))
);
CREATE SEQUENCE public.accounts_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;
ALTER SEQUENCE public.accounts_id_seq OWNED BY public.accounts.id;
CREATE TABLE public.ar_internal_metadata (
    key character varying NOT NULL,
    value character varying,
    created_at timestamp(6) without time zone NOT NULL,
    updated_at timestamp(6) without time zone NOT NULL
);
CREATE TABLE public.attempts (
    id bigint NOT NULL,
    key character varying(120) NOT NULL,
    created_at timestamp(6) without time zone NOT NULL
);
CREATE SEQUENCE public.attempts_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;
ALTER SEQUENCE public.attempts_id_seq OWNED BY public.attempts.id;
CREATE TABLE public.blocks (
    id bigint NOT NULL,
    maker_id bigint NOT NULL,
    name character varying(80) NOT NULL,
    picture jsonb NOT NULL,
    pieces jsonb DEFAULT '[]'::jsonb NOT NULL,
    lock_version integer DEFAULT 0 NOT NULL,
    created_at timestamp(6) without time zone NOT NULL,
    updated_at timestamp(6) without time zone NOT NULL,
    lines jsonb,
    CONSTRAINT blocks_name_is_not_blank CHECK ((length(TRIM(BOTH FROM name)) > 0)),
    CONSTRAINT blocks_picture_has_cells CHECK (((picture ? 'cells'::text) AND (picture ? 'finished'::text)))
);
CREATE SEQUENCE public.blocks_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;
ALTER SEQUENCE public.blocks_id_seq OWNED BY public.blocks.id;
CREATE TABLE public.drills (
    id bigint NOT NULL,
    maker_id bigint NOT NULL,
    kind character varying(40) NOT NULL,
    asked integer NOT NULL,
    "right" integer NOT NULL,
    created_at timestamp(6) without time zone NOT NULL,
    CONSTRAINT drills_right_is_no_more_than_asked CHECK (((asked > 0) AND (("right" >= 0) AND ("right" <= asked))))
);
CREATE SEQUENCE public.drills_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;
ALTER SEQUENCE public.drills_id_seq OWNED BY public.drills.id;
CREATE TABLE public.fabrics (
    id bigint NOT NULL,
    maker_id bigint NOT NULL,
    name character varying(80) NOT NULL,
    colour character varying(7) NOT NULL,
    weave character varying(20) NOT NULL,
    document jsonb NOT NULL,
    created_at timestamp(6) without time zone NOT NULL,
    updated_at timestamp(6) without time zone NOT NULL,
    lock_version integer DEFAULT 0 NOT NULL,
    CONSTRAINT fabrics_colour_is_hex CHECK (((colour)::text ~ '^#[0-9a-f]{6}$'::text)),
    CONSTRAINT fabrics_document_has_form CHECK ((document ? 'form'::text)),
    CONSTRAINT fabrics_weave_is_known CHECK (((weave)::text = ANY ((ARRAY['plain'::character varying, 'twill'::character varying, 'dots'::character varying, 'check'::character varying, 'slub'::character varying])::text[])))
);
CREATE SEQUENCE public.fabrics_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;
ALTER SEQUENCE public.fabrics_id_seq OWNED BY public.fabrics.id;
CREATE TABLE public.invitations (
    id bigint NOT NULL,
    account_id bigint,
    digest character varying(64) NOT NULL,
    expires_at timestamp(6) without time zone NOT NULL,
    used_at timestamp(6) without time zone,
    created_at timestamp(6) without time zone NOT NULL
);
CREATE SEQUENCE public.invitations_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;
ALTER SEQUENCE public.invitations_id_seq OWNED BY public.invitations.id;
CREATE TABLE public.jobs (
    id bigint NOT NULL,
    maker_id bigint NOT NULL,
    kind character varying(20) NOT NULL,
    digest character varying(64) NOT NULL,
    question jsonb NOT NULL,
    state character varying(10) DEFAULT 'waiting'::character varying NOT NULL,
    share double precision DEFAULT 0.0 NOT NULL,
    doing character varying(80) DEFAULT ''::character varying NOT NULL,
    answer jsonb,
    created_at timestamp(6) without time zone NOT NULL,
    updated_at timestamp(6) without time zone NOT NULL,
    CONSTRAINT jobs_answer_when_done CHECK ((((state)::text = 'done'::text) = (answer IS NOT NULL))),
    CONSTRAINT jobs_share_is_a_share CHECK (((share >= (0)::double precision) AND (share <= (1)::double precision))),
    CONSTRAINT jobs_state_is_known CHECK (((state)::text = ANY ((ARRAY['waiting'::character varying, 'working'::character varying, 'done'::character varying, 'stopped'::character varying, 'failed'::character varying])::text[])))
);
CREATE SEQUENCE public.jobs_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;
ALTER SEQUENCE public.jobs_id_seq OWNED BY public.jobs.id;
CREATE TABLE public.kept_answers (
    id bigint NOT NULL,
    account_id bigint,
    key character varying(200) NOT NULL,
    status integer,
    body text,
    created_at timestamp(6) without time zone NOT NULL
);
CREATE SEQUENCE public.kept_answers_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;
ALTER SEQUENCE public.kept_answers_id_seq OWNED BY public.kept_answers.id;
CREATE TABLE public.makers (
    id bigint NOT NULL,
    name character varying(80) NOT NULL,
    profile jsonb DEFAULT '{}'::jsonb NOT NULL,
    created_at timestamp(6) without time zone NOT NULL,
    updated_at timestamp(6) without time zone NOT NULL,
    priorities jsonb DEFAULT '{}'::jsonb NOT NULL,
    lock_version integer DEFAULT 0 NOT NULL,
    demo boolean DEFAULT false NOT NULL,
    came_at timestamp(6) without time zone,
    places jsonb,
    account_id bigint
);
CREATE SEQUENCE public.makers_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;
ALTER SEQUENCE public.makers_id_seq OWNED BY public.makers.id;
CREATE TABLE public.picks (
    id bigint NOT NULL,
    unit_id bigint NOT NULL,
    method_id character varying(80) NOT NULL,
    spec jsonb NOT NULL,
    answer jsonb NOT NULL,
    created_at timestamp(6) without time zone NOT NULL,
    updated_at timestamp(6) without time zone NOT NULL,
    CONSTRAINT picks_method_id_is_a_method_id CHECK (((method_id)::text ~ '^[a-z_]+/[a-z_]+$'::text))
);
CREATE SEQUENCE public.picks_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;
ALTER SEQUENCE public.picks_id_seq OWNED BY public.picks.id;
CREATE TABLE public.projects (
    id bigint NOT NULL,
    maker_id bigint NOT NULL,
    name character varying(80) NOT NULL,
    seam_allowance character varying(120) DEFAULT '1/4'::character varying NOT NULL,
    lock_version integer DEFAULT 0 NOT NULL,
    created_at timestamp(6) without time zone NOT NULL,
    updated_at timestamp(6) without time zone NOT NULL,
    notes text DEFAULT ''::text NOT NULL,
    aside boolean DEFAULT false NOT NULL,
    removed_at timestamp(6) without time zone,
    quilt jsonb,
    measure character varying(4) DEFAULT 'inch'::character varying NOT NULL,
    tool_keys jsonb,
    link_digest character varying(64),
    CONSTRAINT projects_measure_is_known CHECK (((measure)::text = ANY ((ARRAY['inch'::character varying, 'cm'::character varying])::text[]))),
    CONSTRAINT projects_name_is_not_blank CHECK ((length(TRIM(BOTH FROM name)) > 0))
);
CREATE SEQUENCE public.projects_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;
ALTER SEQUENCE public.projects_id_seq OWNED BY public.projects.id;
CREATE SEQUENCE public.que_jobs_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;
ALTER SEQUENCE public.que_jobs_id_seq OWNED BY public.que_jobs.id;
CREATE UNLOGGED TABLE public.que_lockers (
    pid integer NOT NULL,
    worker_count integer NOT NULL,
    worker_priorities integer[] NOT NULL,
    ruby_pid integer NOT NULL,
    ruby_hostname text NOT NULL,
    queues text[] NOT NULL,
    listening boolean NOT NULL,
    job_schema_version integer DEFAULT 1,
    CONSTRAINT valid_queues CHECK (((array_ndims(queues) = 1) AND (array_length(queues, 1) IS NOT NULL))),
    CONSTRAINT valid_worker_priorities CHECK (((array_ndims(worker_priorities) = 1) AND (array_length(worker_priorities, 1) IS NOT NULL)))
);
CREATE TABLE public.que_values (
    key text NOT NULL,
    value jsonb DEFAULT '{}'::jsonb NOT NULL,
    CONSTRAINT valid_value CHECK ((jsonb_typeof(value) = 'object'::text))
)
WITH (fillfactor='90');
CREATE TABLE public.schema_migrations (
    version character varying NOT NULL
);
CREATE TABLE public.sessions (
    id bigint NOT NULL,
    account_id bigint NOT NULL,
    digest character varying(64) NOT NULL,
    expires_at timestamp(6) without time zone NOT NULL,
    created_at timestamp(6) without time zone NOT NULL
);
CREATE SEQUENCE public.sessions_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;
ALTER SEQUENCE public.sessions_id_seq OWNED BY public.sessions.id;
CREATE TABLE public.tools (
    id bigint NOT NULL,
    maker_id bigint NOT NULL,
    key character varying(80) NOT NULL,
    "position" integer DEFAULT 0 NOT NULL,
    document jsonb NOT NULL,
    lock_version integer DEFAULT 0 NOT NULL,
    created_at timestamp(6) without time zone NOT NULL,
    updated_at timestamp(6) without time zone NOT NULL,
    retired boolean DEFAULT false NOT NULL,
    CONSTRAINT tools_key_is_document_id CHECK (((document ->> 'id'::text) = (key)::text))
);
CREATE SEQUENCE public.tools_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;
ALTER SEQUENCE public.tools_id_seq OWNED BY public.tools.id;
CREATE TABLE public.unit_fabrics (
    id bigint NOT NULL,
    unit_id bigint NOT NULL,
    fabric_id bigint NOT NULL,
    role character varying(20) NOT NULL
);
CREATE SEQUENCE public.unit_fabrics_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;
ALTER SEQUENCE public.unit_fabrics_id_seq OWNED BY public.unit_fabrics.id;
CREATE TABLE public.units (
    id bigint NOT NULL,
    project_id bigint NOT NULL,
    label character varying(80) NOT NULL,
    "position" integer DEFAULT 0 NOT NULL,
    spec jsonb NOT NULL,
    lock_version integer DEFAULT 0 NOT NULL,
    created_at timestamp(6) without time zone NOT NULL,
    updated_at timestamp(6) without time zone NOT NULL,
    removed_at timestamp(6) without time zone,
    CONSTRAINT units_label_is_not_blank CHECK ((length(TRIM(BOTH FROM label)) > 0)),
    CONSTRAINT units_spec_has_kind_and_count CHECK (((spec ? 'kind'::text) AND (spec ? 'count'::text)))
);
CREATE SEQUENCE public.units_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;
ALTER SEQUENCE public.units_id_seq OWNED BY public.units.id;
ALTER TABLE ONLY public.accounts ALTER COLUMN id SET DEFAULT nextval('public.accounts_id_seq'::regclass);
ALTER TABLE ONLY public.attempts ALTER COLUMN id SET DEFAULT nextval('public.attempts_id_seq'::regclass);
ALTER TABLE ONLY public.blocks ALTER COLUMN id SET DEFAULT nextval('public.blocks_id_seq'::regclass);
ALTER TABLE ONLY public.drills ALTER COLUMN id SET DEFAULT nextval('public.drills_id_seq'::regclass);
ALTER TABLE ONLY public.fabrics ALTER COLUMN id SET DEFAULT nextval('public.fabrics_id_seq'::regclass);
ALTER TABLE ONLY public.invitations ALTER COLUMN id SET DEFAULT nextval('public.invitations_id_seq'::regclass);
ALTER TABLE ONLY public.jobs ALTER COLUMN id SET DEFAULT nextval('public.jobs_id_seq'::regclass);
ALTER TABLE ONLY public.kept_answers ALTER COLUMN id SET DEFAULT nextval('public.kept_answers_id_seq'::regclass);
ALTER TABLE ONLY public.makers ALTER COLUMN id SET DEFAULT nextval('public.makers_id_seq'::regclass);
ALTER TABLE ONLY public.picks ALTER COLUMN id SET DEFAULT nextval('public.picks_id_seq'::regclass);
ALTER TABLE ONLY public.projects ALTER COLUMN id SET DEFAULT nextval('public.projects_id_seq'::regclass);
ALTER TABLE ONLY public.que_jobs ALTER COLUMN id SET DEFAULT nextval('public.que_jobs_id_seq'::regclass);
ALTER TABLE ONLY public.sessions ALTER COLUMN id SET DEFAULT nextval('public.sessions_id_seq'::regclass);
ALTER TABLE ONLY public.tools ALTER COLUMN id SET DEFAULT nextval('public.tools_id_seq'::regclass);
ALTER TABLE ONLY public.unit_fabrics ALTER COLUMN id SET DEFAULT nextval('public.unit_fabrics_id_seq'::regclass);
ALTER TABLE ONLY public.units ALTER COLUMN id SET DEFAULT nextval('public.units_id_seq'::regclass);
ALTER TABLE ONLY public.accounts
    ADD CONSTRAINT accounts_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.ar_internal_metadata
    ADD CONSTRAINT ar_internal_metadata_pkey PRIMARY KEY (key);
ALTER TABLE ONLY public.attempts
    ADD CONSTRAINT attempts_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.blocks
    ADD CONSTRAINT blocks_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.drills
    ADD CONSTRAINT drills_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.fabrics
    ADD CONSTRAINT fabrics_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.invitations
    ADD CONSTRAINT invitations_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.jobs
    ADD CONSTRAINT jobs_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.kept_answers
    ADD CONSTRAINT kept_answers_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.makers
    ADD CONSTRAINT makers_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.picks
    ADD CONSTRAINT picks_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.projects
    ADD CONSTRAINT projects_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.que_jobs
    ADD CONSTRAINT que_jobs_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.que_lockers
    ADD CONSTRAINT que_lockers_pkey PRIMARY KEY (pid);
ALTER TABLE ONLY public.que_values
    ADD CONSTRAINT que_values_pkey PRIMARY KEY (key);
ALTER TABLE ONLY public.schema_migrations
    ADD CONSTRAINT schema_migrations_pkey PRIMARY KEY (version);
ALTER TABLE ONLY public.sessions
    ADD CONSTRAINT sessions_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.tools
    ADD CONSTRAINT tools_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.unit_fabrics
    ADD CONSTRAINT unit_fabrics_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.units
    ADD CONSTRAINT units_pkey PRIMARY KEY (id);
CREATE UNIQUE INDEX accounts_name ON public.accounts USING btree (lower((name)::text));
CREATE INDEX index_attempts_on_key_and_created_at ON public.attempts USING btree (key, created_at);
CREATE INDEX index_blocks_on_maker_id ON public.blocks USING btree (maker_id);
CREATE INDEX index_drills_on_maker_id ON public.drills USING btree (maker_id);
CREATE INDEX index_fabrics_on_maker_id ON public.fabrics USING btree (maker_id);
CREATE INDEX index_fabrics_on_maker_id_and_name ON public.fabrics USING btree (maker_id, name);
CREATE INDEX index_invitations_on_account_id ON public.invitations USING btree (account_id);
CREATE UNIQUE INDEX index_invitations_on_digest ON public.invitations USING btree (digest);
CREATE INDEX index_jobs_on_maker_id ON public.jobs USING btree (maker_id);
CREATE UNIQUE INDEX index_jobs_on_maker_id_and_kind_and_digest ON public.jobs USING btree (maker_id, kind, digest);
CREATE INDEX index_kept_answers_on_account_id ON public.kept_answers USING btree (account_id);
CREATE INDEX index_kept_answers_on_created_at ON public.kept_answers USING btree (created_at);
CREATE UNIQUE INDEX index_kept_answers_on_key ON public.kept_answers USING btree (key);
CREATE INDEX index_makers_on_account_id ON public.makers USING btree (account_id);
CREATE UNIQUE INDEX index_picks_on_unit_id ON public.picks USING btree (unit_id);
CREATE UNIQUE INDEX index_projects_on_link_digest ON public.projects USING btree (link_digest);
CREATE INDEX index_projects_on_maker_id ON public.projects USING btree (maker_id);
CREATE INDEX index_sessions_on_account_id ON public.sessions USING btree (account_id);
CREATE UNIQUE INDEX index_sessions_on_digest ON public.sessions USING btree (digest);
CREATE INDEX index_tools_on_maker_id ON public.tools USING btree (maker_id);
CREATE UNIQUE INDEX index_tools_on_maker_id_and_key ON public.tools USING btree (maker_id, key);
CREATE INDEX index_unit_fabrics_on_fabric_id ON public.unit_fabrics USING btree (fabric_id);
CREATE UNIQUE INDEX index_unit_fabrics_on_unit_id_and_role ON public.unit_fabrics USING btree (unit_id, role);
CREATE INDEX index_units_on_project_id ON public.units USING btree (project_id);
CREATE INDEX que_jobs_args_gin_idx ON public.que_jobs USING gin (args jsonb_path_ops);
CREATE INDEX que_jobs_data_gin_idx ON public.que_jobs USING gin (data jsonb_path_ops);
CREATE INDEX que_jobs_kwargs_gin_idx ON public.que_jobs USING gin (kwargs jsonb_path_ops);
CREATE INDEX que_poll_idx ON public.que_jobs USING btree (job_schema_version, queue, priority, run_at, id) WHERE ((finished_at IS NULL) AND (expired_at IS NULL));
CREATE TRIGGER que_job_notify AFTER INSERT ON public.que_jobs FOR EACH ROW WHEN ((NOT (COALESCE(current_setting('que.skip_notify'::text, true), ''::text) = 'true'::text))) EXECUTE FUNCTION public.que_job_notify();
CREATE TRIGGER que_state_notify AFTER INSERT OR DELETE OR UPDATE ON public.que_jobs FOR EACH ROW WHEN ((NOT (COALESCE(current_setting('que.skip_notify'::text, true), ''::text) = 'true'::text))) EXECUTE FUNCTION public.que_state_notify();
ALTER TABLE ONLY public.unit_fabrics
    ADD CONSTRAINT fk_rails_238e2d8690 FOREIGN KEY (fabric_id) REFERENCES public.fabrics(id);
ALTER TABLE ONLY public.makers
    ADD CONSTRAINT fk_rails_2e29a1b08c FOREIGN KEY (account_id) REFERENCES public.accounts(id) ON DELETE CASCADE;
ALTER TABLE ONLY public.drills
    ADD CONSTRAINT fk_rails_341955fa3b FOREIGN KEY (maker_id) REFERENCES public.makers(id) ON DELETE CASCADE;
ALTER TABLE ONLY public.picks
    ADD CONSTRAINT fk_rails_368bf896ad FOREIGN KEY (unit_id) REFERENCES public.units(id) ON DELETE CASCADE;
ALTER TABLE ONLY public.tools
    ADD CONSTRAINT fk_rails_3e0ee1bfe4 FOREIGN KEY (maker_id) REFERENCES public.makers(id) ON DELETE CASCADE;
ALTER TABLE ONLY public.projects
    ADD CONSTRAINT fk_rails_4baf64c205 FOREIGN KEY (maker_id) REFERENCES public.makers(id) ON DELETE CASCADE;
ALTER TABLE ONLY public.blocks
    ADD CONSTRAINT fk_rails_547de055d1 FOREIGN KEY (maker_id) REFERENCES public.makers(id) ON DELETE CASCADE;
ALTER TABLE ONLY public.fabrics
    ADD CONSTRAINT fk_rails_54fab50dab FOREIGN KEY (maker_id) REFERENCES public.makers(id) ON DELETE CASCADE;
ALTER TABLE ONLY public.sessions
    ADD CONSTRAINT fk_rails_5599381559 FOREIGN KEY (account_id) REFERENCES public.accounts(id) ON DELETE CASCADE;
ALTER TABLE ONLY public.unit_fabrics
    ADD CONSTRAINT fk_rails_60c6ff8a03 FOREIGN KEY (unit_id) REFERENCES public.units(id) ON DELETE CASCADE;
ALTER TABLE ONLY public.jobs
    ADD CONSTRAINT fk_rails_d0da5b8562 FOREIGN KEY (maker_id) REFERENCES public.makers(id) ON DELETE CASCADE;
ALTER TABLE ONLY public.units
    ADD CONSTRAINT fk_rails_d74ef29222 FOREIGN KEY (project_id) REFERENCES public.projects(id) ON DELETE CASCADE;
ALTER TABLE ONLY public.invitations
    ADD CONSTRAINT fk_rails_efd7f68691 FOREIGN KEY (account_id) REFERENCES public.accounts(id) ON DELETE CASCADE;
ALTER TABLE ONLY public.kept_answers
    ADD CONSTRAINT fk_rails_f345a5fcd8 FOREIGN KEY (account_id) REFERENCES public.accounts(id) ON DELETE CASCADE;
INSERT INTO public.schema_migrations (version) VALUES ('20261101090000'), ('20261125090000'), ('20261126090000'), ('20261126120000'), ('20261126121000'), ('20261126130000'), ('20261126140000'), ('20261126150000'), ('20261126160000'), ('20261126170000'), ('20261126180000'), ('20261126190000'), ('20261126200000'), ('20261126210000'), ('20261126220000');
