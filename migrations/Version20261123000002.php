<?php

declare(strict_types=1);

namespace Rigger\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * The library's index: what the newest chart of each type says, in columns that can be searched.
 *
 * Triggers keep it, because undo and redo write rows of charts past the application.
 */
final class Version20261123000002 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'The library can be searched by name, kind, functions, emitters, channels and the shape of a chart.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE EXTENSION IF NOT EXISTS pg_trgm');
        $this->addSql(<<<'SQL'
            CREATE TABLE library_entry (
                type_id UUID PRIMARY KEY REFERENCES fixture_type (id) ON DELETE CASCADE DEFERRABLE INITIALLY DEFERRED,
                maker TEXT NOT NULL, model TEXT NOT NULL, kind TEXT NOT NULL, revision INT NOT NULL,
                words TEXT NOT NULL, modes JSONB NOT NULL,
                functions TEXT[] NOT NULL DEFAULT '{}', emitters TEXT[] NOT NULL DEFAULT '{}')
            SQL);
        $this->addSql('CREATE INDEX library_entry_words ON library_entry USING gin (words gin_trgm_ops)');
        $this->addSql('CREATE INDEX library_entry_functions ON library_entry USING gin (functions)');
        $this->addSql('CREATE INDEX library_entry_emitters ON library_entry USING gin (emitters)');
        $this->addSql('CREATE INDEX library_entry_order ON library_entry (maker, model)');
        $this->addSql(<<<'SQL'
            CREATE TABLE library_mode (
                type_id UUID NOT NULL REFERENCES library_entry (type_id) ON DELETE CASCADE DEFERRABLE INITIALLY DEFERRED,
                key TEXT NOT NULL, name TEXT NOT NULL, channels INT NOT NULL, functions TEXT[] NOT NULL, emitters TEXT[] NOT NULL, shape TEXT NOT NULL)
            SQL);
        $this->addSql('CREATE INDEX library_mode_type ON library_mode (type_id)');
        $this->addSql('CREATE INDEX library_mode_emitters ON library_mode USING gin (emitters)');
        $this->addSql('CREATE INDEX library_mode_channels ON library_mode (channels)');
        $this->addSql('CREATE INDEX library_mode_shape ON library_mode (md5(shape))');
        // The shape of a mode: what its channels do, in order, whatever their values and names.
        $this->addSql(<<<'SQL'
            CREATE FUNCTION library_shape(channels JSONB) RETURNS TEXT LANGUAGE sql IMMUTABLE AS $$
                SELECT COALESCE(string_agg(part, ' ' ORDER BY place), '') FROM (
                    SELECT (channel->>'offset')::int AS place,
                        CASE WHEN channel->>'fineOf' IS NOT NULL THEN 'fine'
                            ELSE COALESCE((SELECT string_agg(what, '+' ORDER BY what) FROM (
                                SELECT DISTINCT COALESCE(range->>'emitter', range->>'function') AS what
                                FROM jsonb_array_elements(channel->'ranges') range WHERE range->>'function' NOT IN ('none')) AS each), 'none') END AS part
                    FROM jsonb_array_elements(channels) channel) AS parts
            $$
            SQL);
        $this->addSql(<<<'SQL'
            CREATE FUNCTION library_index(wanted UUID) RETURNS VOID LANGUAGE plpgsql AS $$
            DECLARE newest RECORD;
            BEGIN
                DELETE FROM library_mode WHERE type_id = wanted;
                DELETE FROM library_entry WHERE type_id = wanted;
                SELECT number, chart INTO newest FROM fixture_revision WHERE type_id = wanted ORDER BY number DESC LIMIT 1;
                IF NOT FOUND THEN RETURN; END IF;
                INSERT INTO library_entry (type_id, maker, model, kind, revision, words, modes) VALUES (wanted,
                    newest.chart->>'maker', newest.chart->>'model', newest.chart->>'kind', newest.number,
                    lower(concat_ws(' ', newest.chart->>'maker', newest.chart->>'model', newest.chart->>'kind')),
                    COALESCE((SELECT jsonb_agg(jsonb_build_object('key', mode->>'key', 'name', mode->>'name', 'channels', jsonb_array_length(mode->'channels'), 'display', mode->>'display') ORDER BY place)
                        FROM jsonb_array_elements(newest.chart->'modes') WITH ORDINALITY AS modes (mode, place)), '[]'));
                INSERT INTO library_mode (type_id, key, name, channels, functions, emitters, shape)
                    SELECT wanted, mode->>'key', mode->>'name', jsonb_array_length(mode->'channels'),
                        ARRAY(SELECT DISTINCT range->>'function' FROM jsonb_array_elements(mode->'channels') channel, jsonb_array_elements(channel->'ranges') range),
                        ARRAY(SELECT DISTINCT range->>'emitter' FROM jsonb_array_elements(mode->'channels') channel, jsonb_array_elements(channel->'ranges') range WHERE range->>'emitter' IS NOT NULL),
                        library_shape(mode->'channels')
                    FROM jsonb_array_elements(newest.chart->'modes') mode;
                UPDATE library_entry SET
                    functions = ARRAY(SELECT DISTINCT unnest(m.functions) FROM library_mode m WHERE m.type_id = wanted),
                    emitters = ARRAY(SELECT DISTINCT unnest(m.emitters) FROM library_mode m WHERE m.type_id = wanted)
                    WHERE type_id = wanted;
            END $$
            SQL);
        $this->addSql(<<<'SQL'
            CREATE FUNCTION library_follow() RETURNS TRIGGER LANGUAGE plpgsql AS $$
            BEGIN
                IF TG_OP = 'DELETE' THEN PERFORM library_index(OLD.type_id); ELSE PERFORM library_index(NEW.type_id); END IF;
                RETURN NULL;
            END $$
            SQL);
        $this->addSql('CREATE TRIGGER library_follow AFTER INSERT OR UPDATE OR DELETE ON fixture_revision FOR EACH ROW EXECUTE FUNCTION library_follow()');
        $this->addSql('SELECT library_index(id) FROM fixture_type');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TRIGGER library_follow ON fixture_revision');
        $this->addSql('DROP FUNCTION library_follow');
        $this->addSql('DROP FUNCTION library_index');
        $this->addSql('DROP FUNCTION library_shape');
        $this->addSql('DROP TABLE library_mode, library_entry');
    }
}
