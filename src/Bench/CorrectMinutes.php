<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

use KindHeel\App\Http\Refused;
use KindHeel\App\Learning\Learning;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\Ledger;
use KindHeel\App\People\Person;
use KindHeel\App\People\Reason;

/** How long a step took is put right by whoever worked it; when it ended, and so when its coat dries, stays. What was learned from it is learned anew. */
final readonly class CorrectMinutes
{
    public function __construct(private AtHand $atHand, private Acts $acts, private Learning $learning, private Ledger $ledger)
    {
    }

    /** @throws Refused for a step that is not done, and without a reason for one that somebody else worked */
    public function __invoke(int $id, MinutesInput $input, Person $person): void
    {
        $step = $this->atHand->step($id, $input->version);
        $by = $step->startedBy();
        if (!$step->isDone() || null === $by) {
            throw Refused::now('Only the minutes of a step that is done can be put right.');
        }
        if ($by->id() !== $person->id()) {
            Reason::orRefuse(\sprintf('%s worked this.', $by->name()), $input->why, $person);
        }
        $was = $step->realMinutes();
        $step->took($input->minutes);
        $this->acts->lastEnd($step)?->learnedAnew($this->learning->worked($step, $by));
        $word = trim($input->why ?? '');
        $this->ledger->step(
            Event::Corrected,
            $step,
            $person,
            \sprintf('%s: it took %d minutes, not %d.%s', $step->title(), $input->minutes, $was, '' === $word ? '' : ' '.$word),
            $input->minutes - $was,
        );
    }
}
