<?php

declare(strict_types=1);

namespace KindHeel\App\Picture;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Database\Row;
use KindHeel\App\Files\SentFile;
use KindHeel\App\Http\Answer;
use KindHeel\App\Http\IdempotentRequest;
use KindHeel\App\Job\PieceRecorded;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\People\Member;
use KindHeel\App\People\Members;
use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\Place;
use Psr\Clock\ClockInterface;
use Psr\EventDispatcher\EventDispatcherInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\HttpKernel\EventListener\AbstractSessionListener;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class PictureController
{
    public function __construct(
        private PictureReader $reader,
        private PictureStore $store,
        private EntityManagerInterface $entities,
        private Connection $connection,
        private Members $members,
        private ClockInterface $clock,
        private IdempotentRequest $once,
        private EventDispatcherInterface $events,
    ) {
    }

    #[Route('/api/pieces/{id}/pictures', requirements: ['id' => '\d{1,9}'], methods: ['GET'])]
    public function list(int $id): JsonResponse
    {
        return Answer::of($this->reader->of($id));
    }

    #[Route('/api/pieces/{id}/pictures', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function add(int $id, Request $request, #[MapRequestPayload(acceptFormat: 'form')] PictureInput $input, #[CurrentUser] Member $member): JsonResponse
    {
        $file = SentFile::of(
            $request,
            'This picture is too large; up to 25 MB can be kept. Take it with a smaller setting.',
            'No picture came along. Choose one, or take it again.',
        );

        return $this->once->answer(
            function () use ($id, $file, $input, $member): void {
                $piece = $this->entities->find(StoredPiece::class, $id) ?? throw new NotFoundHttpException();
                if (null !== $input->part) {
                    $piece->part(new Place($input->part, $input->half ?? Half::Whole));
                }
                $kept = $this->store->keep($file);
                $this->entities->persist(
                    new Picture(
                        piece: $piece,
                        moment: $input->moment,
                        half: $input->half,
                        part: $input->part,
                        side: $input->side,
                        digest: $kept['digest'],
                        width: $kept['width'],
                        height: $kept['height'],
                        by: $this->members->person($member),
                        at: $this->clock->now(),
                    ),
                );
                $this->events->dispatch(new PieceRecorded($piece, $this->members->person($member)));
            },
            201,
            fn (): PicturesView => $this->reader->of($id),
        );
    }

    #[Route('/api/pictures/{id}', requirements: ['id' => '\d{1,9}'], methods: ['DELETE'])]
    #[IsGranted('ROLE_RESTORER')]
    public function remove(int $id): JsonResponse
    {
        $digest = null;
        $answer = $this->once->answer(function () use ($id, &$digest): PicturesView {
            $picture = Row::first($this->connection, 'SELECT piece_id, digest FROM picture WHERE id = ?', [$id]) ?? throw new NotFoundHttpException();
            $this->connection->delete('picture', ['id' => $id]);
            $digest = $picture->text('digest');

            return $this->reader->of($picture->int('piece_id'));
        });
        // The same picture may hang on another piece.
        if (null !== $digest && null === Row::first($this->connection, 'SELECT id FROM picture WHERE digest = ? LIMIT 1', [$digest])) {
            $this->store->forget($digest);
        }

        return $answer;
    }

    #[Route('/api/pictures/{id}/{digest}/{size}.jpg', requirements: ['id' => '\d{1,9}', 'digest' => '[0-9a-f]{12}', 'size' => 'thumb|full'], methods: ['GET'])]
    public function file(int $id, string $digest, string $size): Response
    {
        $stored = Row::first($this->connection, 'SELECT digest FROM picture WHERE id = ?', [$id])?->text('digest');
        $bytes = null === $stored || !str_starts_with($stored, $digest) ? null : $this->store->read($stored, $size);
        if (null === $bytes) {
            throw new NotFoundHttpException();
        }
        $response = new Response($bytes, headers: ['Content-Type' => 'image/jpeg']);
        $response->headers->set(AbstractSessionListener::NO_AUTO_CACHE_CONTROL_HEADER, 'true');
        // The address names the content: it never changes.
        $response->headers->set('Cache-Control', 'private, max-age=31536000, immutable');

        return $response;
    }
}
