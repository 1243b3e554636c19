<?php

declare(strict_types=1);

namespace Rigger\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261201000001 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'What is meant in a look, beside the values on the faders that follow from it.';
    }

    public function up(Schema $schema): void
    {
        // With a default: undo puts rows back that were written before.
        $this->addSql("ALTER TABLE look_cell ADD intent JSONB DEFAULT NULL CHECK (jsonb_typeof(intent) = 'object')");
        $this->addSql(<<<'SQL'
            ALTER TABLE look ADD made TEXT DEFAULT NULL
                CHECK (made IN ('working-light', 'blackout', 'colour', 'tenth', 'reset'))
            SQL);
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE look DROP made');
        $this->addSql('ALTER TABLE look_cell DROP intent');
    }
}
