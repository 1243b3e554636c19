<?php

declare(strict_types=1);

namespace Rigger\App\Http;

use Nelmio\ApiDocBundle\Attribute\Model;
use OpenApi\Attributes as OA;

/** Documents what an action answers with, and the one shape of everything that goes wrong. */
#[\Attribute(\Attribute::TARGET_METHOD)]
final class Answers extends OA\Response
{
    /** @param class-string $view */
    public function __construct(string $view, string $description = 'As it is now')
    {
        parent::__construct(response: 200, description: $description, content: new Model(type: $view));
    }
}
