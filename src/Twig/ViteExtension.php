<?php

declare(strict_types=1);

namespace Rigger\App\Twig;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Twig\Attribute\AsTwigFunction;

/** @phpstan-type Chunk array{file: string, css?: list<string>, imports?: list<string>, assets?: list<string>} */
final class ViteExtension
{
    /** In the names of the fonts that every page needs. */
    private const FIRST_FONT = '-first-';

    /** @var array<string, Chunk>|null */
    private ?array $manifest = null;

    public function __construct(
        #[Autowire('%kernel.project_dir%/public/build/manifest.json')] private readonly string $file,
        #[Autowire('%env(default::VITE_DEV_SERVER)%')] private readonly ?string $devServer = null,
    ) {
    }

    /** @param string|null $later what the entry will ask for at once on this page: it comes along, but is not run */
    #[AsTwigFunction('vite_tags', isSafe: ['html'])]
    public function tags(string $entry, ?string $later = null): string
    {
        if (null !== $this->devServer && '' !== $this->devServer) {
            return \sprintf(
                '<script type="module" src="%1$s/@vite/client"></script><script type="module" src="%1$s/%2$s"></script>',
                htmlspecialchars($this->devServer),
                htmlspecialchars($entry),
            );
        }

        $html = '';
        $seen = [];
        foreach ($this->css($entry, $seen) as $css) {
            $html .= \sprintf('<link rel="stylesheet" href="/build/%s">', htmlspecialchars($css));
        }
        foreach (null === $later ? [] : $this->css($later, $seen) as $css) {
            $html .= \sprintf('<link rel="preload" as="style" href="/build/%s" crossorigin>', htmlspecialchars($css));
        }
        foreach ($this->chunk($entry)['assets'] ?? [] as $font) {
            if (str_contains($font, self::FIRST_FONT)) {
                $html .= \sprintf('<link rel="preload" as="font" type="font/woff2" href="/build/%s" crossorigin>', htmlspecialchars($font));
            }
        }
        foreach (array_keys($seen) as $key) {
            $file = htmlspecialchars($this->chunk($key)['file']);
            $html .= $key === $entry
                ? \sprintf('<script type="module" src="/build/%s"></script>', $file)
                : \sprintf('<link rel="modulepreload" href="/build/%s">', $file);
        }

        return $html;
    }

    /** @return Chunk */
    private function chunk(string $key): array
    {
        if (null === $this->manifest) {
            $json = is_file($this->file)
                ? (string) file_get_contents($this->file)
                : throw new \RuntimeException('The front end is not built: run "npm run build".');
            /** @var array<string, Chunk> $data */
            $data = json_decode($json, true, flags: \JSON_THROW_ON_ERROR);
            $this->manifest = $data;
        }

        return $this->manifest[$key] ?? throw new \RuntimeException("No Vite entry {$key}");
    }

    /**
     * @param array<string, true> $seen
     *
     * @return list<string>
     */
    private function css(string $key, array &$seen): array
    {
        if (isset($seen[$key])) {
            return [];
        }
        $seen[$key] = true;
        $chunk = $this->chunk($key);
        $css = [];
        foreach ($chunk['imports'] ?? [] as $import) {
            $css = [...$css, ...$this->css($import, $seen)];
        }

        return [...$css, ...$chunk['css'] ?? []];
    }
}
