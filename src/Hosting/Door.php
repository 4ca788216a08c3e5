<?php

declare(strict_types=1);

namespace KindHeel\App\Hosting;

use KindHeel\App\Http\ProblemDocument;
use Symfony\Component\HttpFoundation\Response;

/** Where a machine keeps several workshops: which one is asked for, before the application begins. */
final class Door
{
    /** @return Response|null what is answered where nobody may enter; null once the application is told for whom it works */
    public static function enter(string $folder, string $host): ?Response
    {
        $workshop = Hosted::read($folder, $host);
        if (null === $workshop) {
            return ProblemDocument::response(404, 'There is no workshop by this name here.');
        }
        if ('' !== $workshop->closed) {
            $closed = ProblemDocument::response(503, $workshop->closed);
            $closed->headers->set('Retry-After', '60');

            return $closed;
        }
        $workshop->enter();

        return null;
    }
}
