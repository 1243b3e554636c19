<?php

declare(strict_types=1);

namespace Rigger\App\Library\View;

use OpenApi\Attributes as OA;
use Rigger\Core\Compare\ChannelDifference;
use Rigger\Core\Profile\ProfileWriter;

/** One channel in two charts. */
final readonly class ChannelPairView
{
    /**
     * @param array<string, mixed>|null $before channel of the first, as in a rigger-fixture document; null where it has none
     * @param array<string, mixed>|null $after
     * @param list<string>              $words  what differs
     */
    public function __construct(
        public int $offset,
        #[OA\Property(type: 'object', nullable: true)] public ?array $before,
        #[OA\Property(type: 'object', nullable: true)] public ?array $after,
        public array $words,
    ) {
    }

    public static function of(ChannelDifference $difference): self
    {
        return new self(
            $difference->offset,
            null === $difference->before ? null : ProfileWriter::channel($difference->before),
            null === $difference->after ? null : ProfileWriter::channel($difference->after),
            $difference->words,
        );
    }
}
