<?php

declare(strict_types=1);

namespace Rigger\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261128000003 extends AbstractMigration
{
    /** The two kits that rigs knew by name until now, by their settings. */
    private const FORMER = [
        ['0193a000-0000-7000-8000-000000000001', 'Reed Link', '-', [
            ['label' => 'name', 'values' => ['Alder', 'Birch', 'Cedar', 'Dogwood', 'Elder', 'Fern', 'Gorse', 'Hazel']],
        ]],
        ['0193a000-0000-7000-8000-000000000002', 'Loon Pair', '-', [
            ['label' => 'number', 'values' => ['1', '2', '3', '4', '5', '6']],
            ['label' => 'sub-number', 'values' => ['1', '2', '3', '4']],
        ]],
    ];

    public function getDescription(): string
    {
        return 'Radio kits as descriptions; where senders stand, what is in the air, and units without a desk.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(<<<'SQL'
            CREATE TABLE radio_kit (
                id UUID PRIMARY KEY,
                name TEXT NOT NULL CHECK (name <> ''),
                document JSONB NOT NULL,
                on_shelf BOOLEAN DEFAULT true NOT NULL,
                thrown_at TIMESTAMP(0) WITHOUT TIME ZONE DEFAULT NULL
            )
            SQL);
        $this->addSql('CREATE UNIQUE INDEX radio_kit_on_shelf ON radio_kit (name) WHERE on_shelf');
        // The name stays beside it: rows of the history from before have nothing else.
        $this->addSql('ALTER TABLE radio_link ADD kit_id UUID DEFAULT NULL REFERENCES radio_kit (id)');
        // With defaults: undo puts rows back that were written before.
        $this->addSql('ALTER TABLE radio_link ADD x DOUBLE PRECISION DEFAULT NULL, ADD y DOUBLE PRECISION DEFAULT NULL, '
            .'ADD height DOUBLE PRECISION DEFAULT NULL');
        $this->addSql("ALTER TABLE radio_link ADD surroundings TEXT DEFAULT 'seated' NOT NULL, ADD obstacles JSONB DEFAULT '[]' NOT NULL");
        $this->addSql("ALTER TABLE patched_fixture ADD run_state TEXT DEFAULT 'desk' NOT NULL, ADD hears_remote BOOLEAN DEFAULT false NOT NULL");
        $this->addSql("ALTER TABLE rig ADD house_channels JSONB DEFAULT '[]' NOT NULL");
        // Where rigs are already, their links and their history may be of these two.
        foreach (self::FORMER as [$id, $name, $joint, $parts]) {
            $nothing = ['buttons' => [], 'lamps' => []];
            $this->addSql(
                'INSERT INTO radio_kit (id, name, document) SELECT ?, ?, ? WHERE EXISTS (SELECT 1 FROM rig)',
                [$id, $name, json_encode([
                    'format' => 'rigger-kit', 'version' => 1, 'name' => $name, 'parts' => $parts, 'joint' => $joint,
                    'sender' => $nothing, 'receiver' => $nothing,
                ], \JSON_THROW_ON_ERROR)],
            );
        }
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE rig DROP house_channels');
        $this->addSql('ALTER TABLE patched_fixture DROP run_state, DROP hears_remote');
        $this->addSql('ALTER TABLE radio_link DROP kit_id, DROP x, DROP y, DROP height, DROP surroundings, DROP obstacles');
        $this->addSql('DROP TABLE radio_kit');
    }
}
