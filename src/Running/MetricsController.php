<?php

declare(strict_types=1);

namespace KindHeel\App\Running;

use Doctrine\DBAL\Exception as DatabaseError;
use Symfony\Component\DependencyInjection\Attribute\AutowireIterator;
use Symfony\Component\HttpFoundation\IpUtils;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;

/** What a usual monitoring reads: on the machine itself, and by nobody who comes through a proxy. */
final readonly class MetricsController
{
    /** @param iterable<Meter> $meters */
    public function __construct(#[AutowireIterator(Meter::class)] private iterable $meters)
    {
    }

    #[Route('/metrics', methods: ['GET'], priority: 10, stateless: true)]
    public function show(Request $request): Response
    {
        if (!IpUtils::checkIp($request->server->getString('REMOTE_ADDR'), ['127.0.0.0/8', '::1']) || $request->headers->has('X-Forwarded-For')) {
            throw new NotFoundHttpException();
        }
        $text = '';
        foreach ($this->meters as $meter) {
            try {
                foreach ($meter->measures() as $measure) {
                    $text .= $measure->text();
                }
            } catch (DatabaseError) {
                // What cannot be counted is not said; that the database is away is.
            }
        }

        return new Response($text, headers: ['Content-Type' => 'text/plain; version=0.0.4; charset=utf-8', 'Cache-Control' => 'no-store']);
    }
}
