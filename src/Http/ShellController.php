<?php

declare(strict_types=1);

namespace Rigger\App\Http;

use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Twig\Environment;

/** The page that carries the front end, at every address that is not the API's. */
final readonly class ShellController
{
    #[Route('/{path}', requirements: ['path' => '(?!api(/|$)|build/).*'], methods: 'GET', priority: -10)]
    public function __invoke(Environment $twig, string $path): Response
    {
        return new Response($twig->render('shell.html.twig', ['first' => FirstView::of($path)]), 200, ['Cache-Control' => 'no-cache']);
    }
}
