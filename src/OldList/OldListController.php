<?php

declare(strict_types=1);

namespace KindHeel\App\OldList;

use KindHeel\App\Files\SentFile;
use KindHeel\App\Http\Answer;
use KindHeel\App\Http\IdempotentRequest;
use KindHeel\App\People\Member;
use KindHeel\App\People\Members;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Text\FieldError;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** Owners and pieces out of a table from before. */
final readonly class OldListController
{
    /** More takes longer than somebody waits at a page. */
    private const MOST = 1500;

    public function __construct(private TakeOldList $take, private Members $members, private IdempotentRequest $once)
    {
    }

    /** What it would bring; and, asked to, brings it. */
    #[Route('/api/old-list', methods: ['POST'])]
    #[IsGranted('ROLE_OWNER')]
    public function take(
        Request $request,
        #[CurrentUser]
        Member $member,
        #[MapQueryParameter]
        bool $apply = false,
        #[MapQueryParameter]
        ?Kind $else = null,
    ): JsonResponse {
        $file = SentFile::of($request);
        $said = json_decode($request->request->getString('columns', '{}'), true);
        $columns = [];
        foreach (\is_array($said) ? $said : throw new FieldError('columns', 'Say of each column what it is.') as $head => $is) {
            $columns[(string) $head] = \is_string($is) ? $is : '';
        }
        $bytes = (string) file_get_contents($file);
        $by = $this->members->person($member);

        return $apply
            ? $this->once->answer(fn (): OldListView => ($this->take)($bytes, $columns, $else, true, $by, self::MOST))
            : Answer::of(($this->take)($bytes, $columns, $else, false, $by, self::MOST));
    }
}
