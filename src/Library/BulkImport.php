<?php

declare(strict_types=1);

namespace Rigger\App\Library;

use Rigger\App\Library\View\ImportReportView;
use Rigger\App\Library\View\ImportResultView;
use Rigger\App\Problem\Problem;
use Rigger\Core\Input\InputError;
use Symfony\Component\HttpFoundation\File\UploadedFile;

/** Many files, each taken whole or not at all. The window sends them in portions, so that it can show how far it is and stop. */
final readonly class BulkImport
{
    public const MOST_FILES = 50;

    public function __construct(private Importer $importer)
    {
    }

    /** @param list<UploadedFile> $files */
    public function import(array $files): ImportReportView
    {
        if ([] === $files || \count($files) > self::MOST_FILES) {
            throw Problem::at(
                'files',
                'out_of_range',
                \sprintf('%d files arrived; send 1 to %d at a time.', \count($files), self::MOST_FILES),
            );
        }

        return new ImportReportView(array_map($this->one(...), $files));
    }

    private function one(UploadedFile $file): ImportResultView
    {
        $name = mb_substr(mb_scrub($file->getClientOriginalName()), 0, 200);
        try {
            if (!$file->isValid()) {
                throw Problem::tooLarge(Importer::MOST_BYTES);
            }
            $done = $this->importer->import((string) file_get_contents($file->getPathname()));

            return new ImportResultView($name, $done, null);
        } catch (InputError $error) {
            $words = 'bad_json' === $error->errorCode
                ? 'The file is cut off, or it is no document that Rigger reads.'
                : $error->getMessage();

            return new ImportResultView($name, null, $words);
        } catch (Problem $problem) {
            return new ImportResultView($name, null, $problem->getMessage());
        }
    }
}
