<?php

declare(strict_types=1);

namespace Rigger\App\Http\Fixtures\Input;

use Rigger\Core\Profile\RangeFunction;
use Rigger\Core\Profile\TypedRange;
use Symfony\Component\Validator\Constraints as Assert;

final readonly class TypedRangeInput
{
    public function __construct(
        #[Assert\Range(min: 0, max: 255)] public int $from,
        #[Assert\Range(min: 0, max: 255)] public int $to,
        public string $label,
        public RangeFunction $function,
        public ?float $start = null,
        public ?float $end = null,
    ) {
    }

    public function core(): TypedRange
    {
        return new TypedRange($this->from, $this->to, $this->label, $this->function, $this->start, $this->end);
    }
}
