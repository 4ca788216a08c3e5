<?php

declare(strict_types=1);

namespace KindHeel\App\OwnerPage;

/** What still changes the plan, and what does not. */
final readonly class QuestionsView
{
    /** @param list<QuestionView> $questions */
    public function __construct(public array $questions)
    {
    }
}
