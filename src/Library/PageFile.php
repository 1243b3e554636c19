<?php

declare(strict_types=1);

namespace Rigger\App\Library;

use Rigger\App\Problem\Problem;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\Process\ExecutableFinder;
use Symfony\Component\Process\Process;

/** The text of a file that somebody brings to the paste sheet. Nothing of it is stored. */
final readonly class PageFile
{
    private const MOST_BYTES = 5 * 1024 * 1024;
    private const MOST_LETTERS = 400_000;
    private const PDF_SECONDS = 15;
    private const PDF_MEMORY = 400 * 1024 * 1024;

    /** @throws Problem in an operator's words */
    public function text(?UploadedFile $file): string
    {
        if (null === $file || !$file->isValid()) {
            throw Problem::at('file', 'missing', 'No file arrived, or it is larger than 5 MB.');
        }
        if ($file->getSize() > self::MOST_BYTES) {
            throw Problem::tooLarge(self::MOST_BYTES);
        }
        $bytes = (string) file_get_contents($file->getPathname());
        $text = str_starts_with($bytes, '%PDF-')
            ? $this->ofPdf($file->getPathname())
            : PlainText::of($bytes, 'The sheet reads .txt, .csv, .tsv and the text of a .pdf.');
        if ('' === trim($text)) {
            throw Problem::at('file', 'no_text', str_starts_with($bytes, '%PDF-')
                ? 'This PDF holds pictures of its pages and no text. Type the chart, or find it by fader.'
                : 'The file is empty.');
        }

        return mb_substr($text, 0, self::MOST_LETTERS);
    }

    private function ofPdf(string $path): string
    {
        $program = (new ExecutableFinder())->find('pdftotext');
        if (null === $program) {
            throw Problem::at(
                'file',
                'no_pdftotext',
                'To read a PDF this machine needs the program pdftotext (package poppler-utils). Copy the chart out of the PDF and '
                    .'paste it instead.',
            );
        }
        // A small file can unpack to hundreds of megabytes: it gets so much memory and time and no more, behind everybody else.
        $process = new Process([
            'nice',
            '-n',
            '19',
            'prlimit',
            '--as='.self::PDF_MEMORY,
            '--cpu='.self::PDF_SECONDS,
            $program,
            '-layout',
            '-enc',
            'UTF-8',
            $path,
            '-',
        ]);
        $process->setTimeout(self::PDF_SECONDS);
        $text = '';
        try {
            $process->start();
            foreach ($process->getIterator(Process::ITER_SKIP_ERR) as $part) {
                $text .= $part;
                if (\strlen($text) > 4 * self::MOST_LETTERS) {
                    $process->stop(0);

                    return mb_scrub(mb_strcut($text, 0, 4 * self::MOST_LETTERS));
                }
            }
            $process->wait();
        } catch (\RuntimeException $problem) {
            throw self::tooMuch($problem);
        }
        if (!$process->isSuccessful()) {
            if ($process->hasBeenSignaled() || str_contains(
                $process->getErrorOutput(),
                'memory',
            ) || '' === $process->getErrorOutput() && 1 !== $process->getExitCode()) {
                throw self::tooMuch();
            }
            throw Problem::at('file', 'bad_pdf', 'This PDF cannot be read: it is damaged, or locked with a password.');
        }

        return mb_scrub($text);
    }

    private static function tooMuch(?\Throwable $previous = null): Problem
    {
        return Problem::at(
            'file',
            'bad_pdf',
            'This PDF takes too long or too much memory to read. Copy the chart out of it and paste it instead.',
            $previous,
        );
    }
}
