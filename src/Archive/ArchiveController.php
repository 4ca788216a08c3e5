<?php

declare(strict_types=1);

namespace KindHeel\App\Archive;

use KindHeel\App\Files\SentFile;
use KindHeel\App\Http\Answer;
use KindHeel\App\Http\IdempotentRequest;
use KindHeel\App\People\Member;
use KindHeel\App\People\Members;
use KindHeel\App\People\PasswordAsked;
use KindHeel\Core\Text\FieldError;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** Everything of the workshop, or one piece with its history, as a file that belongs to whoever takes it. */
final readonly class ArchiveController
{
    private const ID = ['id' => '\d{1,9}'];

    public function __construct(
        private ArchivesMade $archives,
        private WritePiece $write,
        private TakePiece $take,
        private ArchiveFile $file,
        private Members $members,
        private IdempotentRequest $once,
    ) {
    }

    #[Route('/api/archive', methods: ['GET'])]
    #[IsGranted('ROLE_OWNER')]
    public function view(): JsonResponse
    {
        return Answer::of($this->archives->view());
    }

    #[Route('/api/archive', methods: ['POST'])]
    #[IsGranted('ROLE_OWNER')]
    public function ask(#[CurrentUser] Member $member): JsonResponse
    {
        PasswordAsked::unlessSure($member);

        return $this->once->answer(fn () => $this->archives->ask($this->members->person($member)), 202, $this->archives->view(...));
    }

    #[Route('/api/archive/{id}.tar', requirements: self::ID, methods: ['GET'])]
    #[IsGranted('ROLE_OWNER')]
    public function fetch(int $id, #[CurrentUser] Member $member): BinaryFileResponse
    {
        PasswordAsked::unlessSure($member);

        return self::tar($this->archives->there($id), 'workshop.tar');
    }

    /** One piece, to hand to another workshop. */
    #[Route('/api/passports/{id}.tar', requirements: self::ID, methods: ['GET'])]
    #[IsGranted('ROLE_RESTORER')]
    public function piece(int $id, #[CurrentUser] Member $member, #[MapQueryParameter] bool $reach = false): BinaryFileResponse
    {
        PasswordAsked::unlessSure($member);
        $folder = $this->file->room('archives');
        (new Filesystem())->mkdir($folder, 0o700);
        $path = $folder.'/piece-'.bin2hex(random_bytes(8)).'.tar';

        return self::tar($path, ($this->write)($id, $path, $reach).'.tar')->deleteFileAfterSend();
    }

    /** @throws FieldError when it is no archive of a piece; then nothing was taken in */
    #[Route('/api/passports/archive', methods: ['POST'])]
    #[IsGranted('ROLE_RESTORER')]
    public function take(Request $request, #[CurrentUser] Member $member): JsonResponse
    {
        $file = SentFile::of($request);
        try {
            return $this->once->answer(function () use ($file, $member): PieceTakenView {
                $taken = ($this->take)($file, $this->members->person($member));

                return new PieceTakenView($taken['passport'], $taken['visits']);
            }, 201);
        } catch (BadArchive $error) {
            throw new FieldError('file', $error->getMessage());
        }
    }

    private static function tar(string $path, string $name): BinaryFileResponse
    {
        return new BinaryFileResponse($path, headers: [
            'Content-Type' => 'application/x-tar', 'Content-Disposition' => HeaderUtils::makeDisposition('attachment', $name), 'Cache-Control' => 'no-store',
        ]);
    }
}
