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
    public function __construct(private Environment $twig, private FrontEnd $frontEnd)
    {
    }

    #[Route('/{path}', requirements: ['path' => '(?!api/|build/|calendar/).*'], methods: ['GET'], priority: -10)]
    public function page(): Response
    {
        $entry = $this->frontEnd->entry() ?? throw new ServiceUnavailableHttpException(message: 'The front end has not been built.');
        $response = new Response($this->twig->render('page.html.twig', $entry));
        $response->headers->set('Cache-Control', 'no-cache');

        return $response;
    }
}
