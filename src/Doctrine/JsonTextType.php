<?php

declare(strict_types=1);

namespace Rigger\App\Doctrine;

use Doctrine\DBAL\Platforms\AbstractPlatform;
use Doctrine\DBAL\Types\Type;

/** A JSONB column read as its text: the core decodes open documents itself, and {} must not turn into []. */
final class JsonTextType extends Type
{
    public const NAME = 'json_text';

    public function getSQLDeclaration(array $column, AbstractPlatform $platform): string
    {
        return 'JSONB';
    }
}
