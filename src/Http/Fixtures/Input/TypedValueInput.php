<?php

declare(strict_types=1);

namespace Rigger\App\Http\Fixtures\Input;

use Rigger\Core\Profile\TypedRange;
use Symfony\Component\Validator\Constraints as Assert;

final readonly class TypedValueInput
{
    /**
     * @param string                $text   as it was typed
     * @param list<TypedRangeInput> $ranges of the channel, in their order
     */
    public function __construct(
        #[Assert\Length(max: 200)] public string $text,
        #[Assert\Valid] #[Assert\Count(max: 256)] public array $ranges,
    ) {
    }

    /** @return list<TypedRange> */
    public function ranges(): array
    {
        return array_map(static fn (TypedRangeInput $range): TypedRange => $range->core(), $this->ranges);
    }
}
