DELETE FROM "job_list";--> statement-breakpoint
ALTER TABLE "job_list" ADD COLUMN "rules_version" integer NOT NULL;--> statement-breakpoint
ALTER TABLE "job_list" ADD COLUMN "practice" boolean NOT NULL;--> statement-breakpoint
ALTER TABLE "job_list" ADD COLUMN "unreadable" jsonb;--> statement-breakpoint
ALTER TABLE "job_list" ADD COLUMN "search" text NOT NULL;--> statement-breakpoint
CREATE INDEX "job_list_order" ON "job_list" USING btree ("finished","updated_at" DESC NULLS LAST,"job_id");