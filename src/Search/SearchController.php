<?php

declare(strict_types=1);

namespace KindHeel\App\Search;

use KindHeel\App\Files\CsvTable;
use KindHeel\App\Http\Answer;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryString;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** The ledger answers. */
final readonly class SearchController
{
    public function __construct(private JobSearch $search)
    {
    }

    #[Route('/api/jobs', methods: ['GET'])]
    public function jobs(#[MapQueryString(validationFailedStatusCode: 422)] JobQuery $query = new JobQuery()): JsonResponse
    {
        return Answer::of($this->search->page($query));
    }

    #[Route('/api/jobs.csv', methods: ['GET'])]
    #[IsGranted('ROLE_RESTORER')]
    public function csv(#[MapQueryString(validationFailedStatusCode: 422)] JobQuery $query = new JobQuery()): Response
    {
        $rows = array_map(static fn (FoundJobView $j): array => [
            'tag' => $j->tag, 'piece' => $j->name, 'kind' => $j->kind->label(), 'owner' => $j->customer, 'came in' => substr($j->openedAt, 0, 10),
            'done' => substr($j->finishedAt ?? '', 0, 10), 'found' => implode(', ', $j->found), 'came back for' => $j->fault ?? '',
        ], $this->search->all($query));

        return CsvTable::answer('jobs.csv', ['tag', 'piece', 'kind', 'owner', 'came in', 'done', 'found', 'came back for'], $rows);
    }
}
