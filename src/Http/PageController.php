<?php

declare(strict_types=1);

namespace KindHeel\App\Http;

use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\ServiceUnavailableHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Twig\Environment;

/** The one page that all screens live in, whatever their address. */
final readonly class PageController
{
    public function __construct(private Environment $twig, private string $projectDir)
    {
    }

    #[Route('/{path}', requirements: ['path' => '(?!api/|build/|calendar/).*'], methods: ['GET'], priority: -10)]
    public function page(): Response
    {
        $manifest = @file_get_contents($this->projectDir.'/public/build/.vite/manifest.json');
        if (false === $manifest) {
            throw new ServiceUnavailableHttpException(message: 'The front end has not been built.');
        }
        /** @var array<string, array{file: string, css?: list<string>}> $entries as Vite writes them */
        $entries = json_decode($manifest, true, flags: \JSON_THROW_ON_ERROR);
        $entry = $entries['web/src/main.ts'];
        $response = new Response($this->twig->render('page.html.twig', ['script' => $entry['file'], 'styles' => $entry['css'] ?? []]));
        $response->headers->set('Cache-Control', 'no-cache');

        return $response;
    }
}
