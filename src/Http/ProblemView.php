<?php

declare(strict_types=1);

namespace Rigger\App\Http;

/** RFC 9457 problem details. */
final readonly class ProblemView
{
    /**
     * @param list<ViolationView> $violations what is wrong at which field
     * @param list<string>|null   $since      with version_moved: what was done meanwhile, in words
     * @param int|null            $version    with version_moved: the rig's version now
     */
    public function __construct(
        public string $type,
        public string $title,
        public int $status,
        public string $detail,
        public array $violations,
        public ?array $since = null,
        public ?int $version = null,
    ) {
    }
}
