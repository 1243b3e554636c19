<?php

declare(strict_types=1);

namespace Rigger\App\Library\View;

use Rigger\Core\Input\InputError;

/** Something wrong with a description of a desk or a radio kit. */
final readonly class DescriptionProblemView
{
    /**
     * @param string $path member of the document
     * @param string $code missing where it is only not answered yet
     */
    public function __construct(public string $path, public string $code, public string $message)
    {
    }

    public static function of(InputError $error): self
    {
        return new self($error->field, $error->errorCode, $error->getMessage());
    }
}
