<?php

declare(strict_types=1);

namespace KindHeel\App\Workshop;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;
use KindHeel\App\Http\IdempotentRequest;
use KindHeel\App\People\Member;
use KindHeel\App\People\Members;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** Calendars under secret addresses: whoever has the address may read, nobody else, until it is revoked. */
final readonly class FeedController
{
    public function __construct(
        private DayCalendar $calendar,
        private Members $members,
        private EntityManagerInterface $entities,
        private Connection $connection,
        private ClockInterface $clock,
        private IdempotentRequest $once,
    ) {
    }

    /** Whoever has the address reads customers' names without signing in. */
    #[Route('/api/workshop/feeds', methods: ['POST'])]
    #[IsGranted('ROLE_OWNER')]
    public function make(#[CurrentUser] Member $member): JsonResponse
    {
        return $this->once->answer(function () use ($member): FeedMadeView {
            $secret = rtrim(strtr(base64_encode(random_bytes(24)), '+/', '-_'), '=');
            $feed = new CalendarFeed(hash('sha256', $secret), $this->members->person($member), $this->clock->now());
            $this->entities->persist($feed);
            $this->entities->flush();

            return new FeedMadeView($feed->id(), '/calendar/'.$secret.'.ics');
        }, 201);
    }

    #[Route('/api/workshop/feeds/{id}', requirements: ['id' => '\d{1,9}'], methods: ['DELETE'])]
    public function revoke(int $id, #[CurrentUser] Member $member, WorkshopReader $reader): JsonResponse
    {
        return $this->once->answer(
            fn () => $this->connection->executeStatement('UPDATE calendar_feed SET revoked_at = ? WHERE id = ? AND person_id = ? AND revoked_at IS NULL', [
                Iso::toRow($this->clock->now()),
                $id,
                $member->id,
            ]),
            view: static fn (): WorkshopView => $reader->forPerson($member->id),
        );
    }

    #[Route('/calendar/{secret}.ics', requirements: ['secret' => '[A-Za-z0-9_-]{32}'], methods: ['GET'])]
    public function read(string $secret): Response
    {
        $feed = Row::first($this->connection, 'SELECT person_id FROM calendar_feed WHERE secret_hash = ? AND revoked_at IS NULL', [hash('sha256', $secret)])
            ?? throw new NotFoundHttpException();

        return new Response($this->calendar->of($feed->int('person_id')), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Cache-Control' => 'private, max-age=300',
            'X-Robots-Tag' => 'noindex',
        ]);
    }
}
