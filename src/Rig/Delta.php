<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

/** How a list of keyed things becomes another: some go, some are put at their places, and the others stay in their order. */
final readonly class Delta
{
    /**
     * @param list<string>       $gone
     * @param array<int, string> $put  keys by their places in the new list, ascending; those that were there already go first
     */
    private function __construct(public array $gone, public array $put)
    {
    }

    /**
     * @param list<string>           $before
     * @param list<string>           $after
     * @param callable(string): bool $isOtherwise whether what a key stands for is another
     */
    public static function of(array $before, array $after, callable $isOtherwise): self
    {
        $places = array_flip($before);
        $put = [];
        $last = -1;
        foreach ($after as $index => $key) {
            $place = $places[$key] ?? null;
            if (null === $place || $place < $last || $isOtherwise($key)) {
                $put[$index] = $key;
            } else {
                $last = $place;
            }
        }

        return new self(array_values(array_diff($before, $after)), $put);
    }
}
