<?php

declare(strict_types=1);

namespace Rigger\App\Command;

use Rigger\App\Library\Importer;
use Rigger\App\Problem\Problem;
use Rigger\Core\Input\InputError;
use Symfony\Component\Console\Attribute\Argument;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Style\SymfonyStyle;

/** `bin/rigger import FILE…` */
#[AsCommand('rigger:import', 'Import fixtures, desks and rigs from open documents')]
final readonly class ImportCommand
{
    public function __construct(private Importer $importer)
    {
    }

    /** @param list<string> $files */
    public function __invoke(SymfonyStyle $io, #[Argument('the documents')] array $files): int
    {
        foreach ($files as $file) {
            $text = is_file($file) ? file_get_contents($file) : false;
            if (false === $text) {
                $io->getErrorStyle()->writeln(\sprintf('There is no file %s to read.', InputError::quote($file)));

                return 2;
            }
            try {
                $done = $this->importer->import($text);
            } catch (InputError $error) {
                $io->getErrorStyle()->writeln(\sprintf(
                    '%s, %s: %s',
                    $file,
                    '' === $error->field ? 'the document' : $error->field,
                    $error->getMessage(),
                ));

                return 2;
            } catch (Problem $problem) {
                $io->getErrorStyle()->writeln($file.': '.$problem->getMessage());

                return 2;
            }
            $io->writeln(\sprintf('Imported %s %s', $done->kind, $done->name));
        }

        return 0;
    }
}
