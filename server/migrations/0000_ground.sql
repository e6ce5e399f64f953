CREATE TABLE "events" (
	"id" uuid PRIMARY KEY NOT NULL,
	"stream_id" text NOT NULL,
	"seq" integer NOT NULL,
	"type" text NOT NULL,
	"version" integer NOT NULL,
	"at" text NOT NULL,
	"by" text NOT NULL,
	"data" jsonb NOT NULL,
	"received_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "events_stream_seq" UNIQUE("stream_id","seq")
);
--> statement-breakpoint
CREATE TABLE "job_list" (
	"job_id" text PRIMARY KEY NOT NULL,
	"folded_seq" integer NOT NULL,
	"name" text NOT NULL,
	"reason" text NOT NULL,
	"stage" text NOT NULL,
	"next" text NOT NULL,
	"finished" boolean NOT NULL,
	"opened_at" text NOT NULL,
	"updated_at" text NOT NULL,
	"pieces" jsonb NOT NULL
);
--> statement-breakpoint
CREATE TABLE "streams" (
	"id" text PRIMARY KEY NOT NULL,
	"kind" text NOT NULL,
	"last_seq" integer DEFAULT 0 NOT NULL
);
--> statement-breakpoint
ALTER TABLE "events" ADD CONSTRAINT "events_stream_id_streams_id_fk" FOREIGN KEY ("stream_id") REFERENCES "public"."streams"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "job_list" ADD CONSTRAINT "job_list_job_id_streams_id_fk" FOREIGN KEY ("job_id") REFERENCES "public"."streams"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "events_type" ON "events" USING btree ("type");